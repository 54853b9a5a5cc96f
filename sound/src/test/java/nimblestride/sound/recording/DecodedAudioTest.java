package nimblestride.sound.recording;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.SplittableRandom;
import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import nimblestride.core.foundation.failure.StrideException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** The files clicks.mp3, varying.mp3, clicks.ogg, and clicks.flac hold two seconds with a click of the program each half second. */
class DecodedAudioTest {
    @TempDir
    private Path folder;

    private Path copied(String name) throws IOException {
        Path file = folder.resolve(name);
        try (InputStream in = getClass().getResourceAsStream(name)) {
            Files.copy(in, file);
        }
        return file;
    }

    private static DecodedAudio open(Path file) {
        return DecodedAudio.open(file, EnumSet.allOf(AudioKind.class));
    }

    private static int length(DecodedAudio audio, float[] peaks) {
        float[] block = new float[1_000];
        int all = 0;
        for (int count = audio.read(block); count > 0; count = audio.read(block)) {
            for (int i = 0; i < count; i++) {
                int half = Math.min(peaks.length - 1, 2 * (all + i) / audio.sampleRate());
                peaks[half] = Math.max(peaks[half], Math.abs(block[i]));
            }
            all += count;
        }
        return all;
    }

    @ParameterizedTest
    @ValueSource(strings = {"clicks.mp3", "clicks.ogg", "clicks.flac"})
    void compressedFilesAreDecoded(String name) throws IOException {
        try (DecodedAudio audio = open(copied(name))) {
            float[] peaks = new float[5];
            int length = length(audio, peaks);
            assertThat((double) length / audio.sampleRate()).isBetween(1.8, 2.2);
            for (int half = 0; half < 4; half++) {
                assertThat(peaks[half]).isBetween(0.1f, 1f);
            }
        }
    }

    @ParameterizedTest
    @CsvSource({"8000,8,1", "44100,16,2", "96000,24,6", "192000,32,1"})
    void plainFilesOfAnyShapeAreRead(int rate, int bits, int channels) throws IOException {
        for (AudioFileFormat.Type type :
                new AudioFileFormat.Type[] {AudioFileFormat.Type.WAVE, AudioFileFormat.Type.AIFF}) {
            boolean wave = type.equals(AudioFileFormat.Type.WAVE);
            AudioFormat format = new AudioFormat(rate, bits, channels, bits > 8 || !wave, !wave);
            byte[] silence = new byte[rate / 2 * channels * bits / 8];
            Arrays.fill(silence, (byte) (bits > 8 || !wave ? 0 : 128));
            Path file = folder.resolve("plain." + type.getExtension());
            try (AudioInputStream stream = new AudioInputStream(new ByteArrayInputStream(silence), format, rate / 2)) {
                AudioSystem.write(stream, type, file.toFile());
            }
            try (DecodedAudio audio = open(file)) {
                assertThat(audio.sampleRate()).isEqualTo(rate);
                assertThat(audio.seconds()).isCloseTo(0.5, within(0.001));
                assertThat(length(audio, new float[1])).isEqualTo(rate / 2);
            }
        }
    }

    /** What a file is called does not matter; what it begins with does. */
    @Test
    void textIsNoRecordingWhateverItsName() throws IOException {
        for (String name : new String[] {"notes.mp3", "notes.ogg", "notes.wav"}) {
            Path file = folder.resolve(name);
            Files.writeString(file, "boom, chick, boom, chick, boom");
            assertThatExceptionOfType(StrideException.class)
                    .isThrownBy(() -> open(file))
                    .withMessageContaining(name + " is no recording this program can read; use one of these: AIFF");
        }
        Path flac = copied("clicks.flac");
        Path renamed = folder.resolve("clicks.txt");
        Files.move(flac, renamed);
        try (DecodedAudio audio = open(renamed)) {
            assertThat(audio.sampleRate()).isEqualTo(22_050);
        }
        Files.write(renamed, new byte[0]);
        assertThatExceptionOfType(StrideException.class).isThrownBy(() -> open(renamed));
    }

    /** The number of samples ends at byte 25; the number of comments begins at byte 104. */
    @ParameterizedTest
    @CsvSource({"25, 1", "24, 0", "104, 127", "107, 127"})
    void whatFlacSaysOfItselfDoesNotStopItsSound(int at, byte value) throws IOException {
        Path file = copied("clicks.flac");
        byte[] bytes = Files.readAllBytes(file);
        bytes[at] = value;
        Files.write(file, bytes);
        try (DecodedAudio audio = open(file)) {
            assertThat(length(audio, new float[1])).isEqualTo(2 * 22_050);
        }
    }

    /** The header of an MP3 file with a varying bit rate names far too many frames, or too few; the sound is as long as it is. */
    @ParameterizedTest
    @ValueSource(bytes = {0x7F, 0})
    void whatAnMp3HeaderSaysOfItsLengthDoesNotMatter(byte wrong) throws IOException {
        Path file = copied("varying.mp3");
        byte[] bytes = Files.readAllBytes(file);
        int header = new String(bytes, StandardCharsets.ISO_8859_1).indexOf("Xing");
        assertThat(header).isPositive();
        Arrays.fill(bytes, header + 8, header + 16, wrong);
        Files.write(file, bytes);
        try (DecodedAudio audio = open(file)) {
            assertThat((double) length(audio, new float[5]) / audio.sampleRate())
                    .isBetween(1.8, 2.2);
        }
    }

    @Test
    void flacThatEndsBeforeItsSoundIsDamaged() throws IOException {
        Path file = copied("clicks.flac");
        byte[] bytes = Files.readAllBytes(file);
        for (int length : new int[] {8, 30, 44, 90}) {
            Files.write(file, Arrays.copyOf(bytes, length));
            assertThatExceptionOfType(StrideException.class)
                    .isThrownBy(() -> open(file))
                    .withMessageContaining("damaged");
        }
    }

    /** Damaged files end in words, or are read as far as they go. */
    @Property(tries = 120)
    void damageIsSaidInWords(@ForAll long seed) throws IOException {
        SplittableRandom random = new SplittableRandom(seed);
        String name = new String[] {"clicks.mp3", "clicks.ogg", "clicks.flac"}[random.nextInt(3)];
        byte[] bytes;
        try (InputStream in = getClass().getResourceAsStream(name)) {
            bytes = in.readAllBytes();
        }
        for (int i = 0; i < 6; i++) {
            bytes[random.nextInt(random.nextBoolean() ? 200 : bytes.length)] = (byte) random.nextInt(256);
        }
        Path file = Files.createTempFile("damaged", name);
        Files.write(file, Arrays.copyOf(bytes, random.nextInt(3) == 0 ? random.nextInt(bytes.length) : bytes.length));
        try (DecodedAudio audio = open(file)) {
            length(audio, new float[1]);
        } catch (StrideException e) {
            assertThat(e.getMessage()).contains("damaged");
        } finally {
            Files.delete(file);
        }
    }
}
