package nimblestride.sound.recording;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Stream;
import nimblestride.files.FileException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class RecordingShelfTest {
    @TempDir
    private Path folder;

    private Path clicks(String name) throws IOException {
        Path file = folder.resolve(name);
        try (InputStream in = getClass().getResourceAsStream("clicks.flac")) {
            Files.copy(in, file);
        }
        return file;
    }

    @Test
    void aRecordingIsCopiedOnceByItsContent() throws IOException {
        RecordingShelf shelf = new RecordingShelf(folder.resolve("recordings"));
        String content = shelf.add(clicks("one.flac"));
        assertThat(shelf.add(clicks("other.flac"))).isEqualTo(content).hasSize(64);
        assertThat(shelf.file(content)).hasSameBinaryContentAs(folder.resolve("one.flac"));
        try (Stream<Path> files = Files.list(shelf.folder())) {
            assertThat(files).containsExactly(shelf.file(content));
        }
    }

    @Test
    void whatIsNoRecordingIsNotCopied() throws IOException {
        RecordingShelf shelf = new RecordingShelf(folder.resolve("recordings"));
        Path text = Files.writeString(folder.resolve("notes.mp3"), "boom chick");
        assertThatExceptionOfType(FileException.class)
                .isThrownBy(() -> shelf.add(text))
                .withMessageContaining("notes.mp3 is no recording");
        assertThat(shelf.folder()).doesNotExist();
    }

    /** It has the rate of what is put in; before the start and after the end it is silent. */
    @Test
    void aPlayableRecordingHasBothSides() {
        try (PlayableRecording recording = PlayableRecording.create()) {
            int rate = 96_000;
            float[] left = new float[4_096];
            float[] right = new float[4_096];
            for (int block = 0; block < 48; block++) {
                for (int i = 0; i < left.length; i++) {
                    double seconds = (block * left.length + i) / (double) rate;
                    left[i] = (float) Math.sin(2 * Math.PI * 100 * seconds);
                    right[i] = -0.5f;
                }
                recording.add(left, right, left.length, rate);
            }
            recording.end();
            assertThat(recording.frames() / (double) recording.sampleRate()).isCloseTo(2.048, within(0.001));
            int frame = rate + 111;
            double wave = Math.sin(2 * Math.PI * 100 * frame / rate);
            assertThat((double) recording.left(frame)).isCloseTo(wave, within(0.01));
            assertThat(recording.right(frame)).isCloseTo(-0.5f, within(0.01f));
            assertThat(recording.left(-1)).isZero();
            assertThat(recording.right(recording.frames())).isZero();
        }
    }
}
