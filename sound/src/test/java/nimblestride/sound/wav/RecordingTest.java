package nimblestride.sound.wav;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.sound.kit.Sample;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Files are written by {@code javax.sound.sampled}. */
class RecordingTest {
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
        Sample sound = Recording.read(wav(rate, bits, channels, 1), RATE);
        assertThat(sound.length()).isBetween(RATE - 100, RATE + 100);
        assertThat(sound.at(RATE / 4)).isBetween(0.49f, 0.51f);
        assertThat(sound.at(3 * RATE / 4)).isBetween(-0.01f, 0.01f);
    }

    @Test
    void whatIsNoWavFileIsRefusedByName() throws IOException {
        Path text = folder.resolve("notes.wav");
        Files.writeString(text, "boom, chick, boom");
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> Recording.read(text, RATE))
                .withMessageContaining("notes.wav is not a WAV file");
        Path cut = wav(48_000, 16, 1, 1);
        Files.write(cut, java.util.Arrays.copyOf(Files.readAllBytes(cut), 30));
        assertThatExceptionOfType(StrideException.class).isThrownBy(() -> Recording.read(cut, RATE));
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> Recording.read(folder.resolve("none.wav"), RATE));
        assertThatExceptionOfType(StrideException.class).isThrownBy(() -> Recording.read(folder, RATE));
    }

    @Test
    void whatIsEmptyOrTooLongIsRefused() throws IOException {
        Path empty = wav(48_000, 16, 1, 0);
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> Recording.read(empty, RATE))
                .withMessageContaining("has no sound");
        Path endless = wav(8_000, 16, 1, 10.5);
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> Recording.read(endless, RATE))
                .withMessageContaining("lasts 10.5 s; a voice's sound can last up to 10 s");
    }
}
