package nimblestride.sound.recording;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import nimblestride.core.foundation.failure.StrideException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Files are written by {@code javax.sound.sampled}. */
class RecordingFileTest {
    private static final int RATE = 48_000;

    @TempDir
    Path folder;

    /** Half a second at half loudness, then half a second of silence. */
    private Path wav(int rate, int bits, int channels, double seconds) throws IOException {
        int frames = (int) (seconds * rate);
        int width = bits / 8;
        byte[] bytes = new byte[frames * channels * width];
        for (int i = 0; i < bytes.length / 2 / width * width; i += width) {
            bytes[i + width - 1] = bits == 8 ? (byte) 192 : 64;
        }
        for (int i = bytes.length / 2 / width * width; i < bytes.length; i += width) {
            bytes[i + width - 1] = bits == 8 ? (byte) 128 : 0;
        }
        AudioFormat format = new AudioFormat(rate, bits, channels, /* signed= */ bits > 8, /* bigEndian= */ false);
        Path file = folder.resolve("stroke.wav");
        try (AudioInputStream stream = new AudioInputStream(new ByteArrayInputStream(bytes), format, frames)) {
            AudioSystem.write(stream, AudioFileFormat.Type.WAVE, file.toFile());
        }
        return file;
    }

    @ParameterizedTest
    @CsvSource({"48000, 16, 1", "44100, 16, 2", "22050, 8, 1", "96000, 24, 2"})
    void isReadWhateverItsRateWidthAndChannels(int rate, int bits, int channels) throws IOException {
        float[] sound = new RecordingFile(wav(rate, bits, channels, 1)).read().at(RATE);
        assertThat(sound.length).isBetween(RATE - 100, RATE + 100);
        assertThat(sound[RATE / 4]).isBetween(0.49f, 0.51f);
        assertThat(sound[3 * RATE / 4]).isBetween(-0.01f, 0.01f);
    }

    @Test
    void whatIsNoWavFileIsRefusedByName() throws IOException {
        Path text = folder.resolve("notes.wav");
        Files.writeString(text, "boom, chick, boom");
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> new RecordingFile(text).read())
                .withMessageContaining("notes.wav is no recording this program can read; use one of these: FLAC, WAV");
        Path cut = wav(48_000, 16, 1, 1);
        Files.write(cut, Arrays.copyOf(Files.readAllBytes(cut), 30));
        assertThatExceptionOfType(StrideException.class).isThrownBy(() -> new RecordingFile(cut).read());
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> new RecordingFile(folder.resolve("none.wav")).read());
        assertThatExceptionOfType(StrideException.class).isThrownBy(() -> new RecordingFile(folder).read());
    }

    @Test
    void whatIsEmptyOrTooLongIsRefused() throws IOException {
        Path empty = wav(48_000, 16, 1, 0);
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> new RecordingFile(empty).read())
                .withMessageContaining("has no sound");
        Path endless = wav(8_000, 16, 1, 10.5);
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> new RecordingFile(endless).read())
                .withMessageContaining("lasts 10.5 s; a voice's sound can last up to 10 s");
    }

    /** Two gigabytes by its header, which is all there is: it is refused by its length, and nothing is read. */
    @Test
    void whatSaysItHasTwoGigabytesIsRefusedAtOnce() throws IOException {
        Path huge = wav(48_000, 16, 1, 0.1);
        byte[] bytes = Files.readAllBytes(huge);
        ByteBuffer.wrap(bytes).order(ByteOrder.LITTLE_ENDIAN).putInt(40, Integer.MAX_VALUE - 100);
        Files.write(huge, bytes);
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> new RecordingFile(huge).read())
                .withMessageContaining("can last up to 10 s");
    }

    @Test
    void aFlacFileIsReadToo() throws IOException {
        Path flac = folder.resolve("kick.flac");
        try (InputStream shipped = getClass().getResourceAsStream("/nimblestride/sound/recorded/kick-3.flac")) {
            Files.copy(shipped, flac);
        }
        assertThat(new RecordingFile(flac).read().seconds()).isBetween(0.2, 3.5);
    }
}
