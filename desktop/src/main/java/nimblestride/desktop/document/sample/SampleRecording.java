package nimblestride.desktop.document.sample;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import nimblestride.core.exercise.analysis.Playthrough;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.exercise.recording.BeatMap;
import nimblestride.core.exercise.recording.HitMarks;
import nimblestride.core.exercise.recording.LinkedRecording;
import nimblestride.files.FileException;
import nimblestride.sound.recorded.RecordedKit;
import nimblestride.sound.recording.RecordingShelf;
import nimblestride.sound.render.ClickSettings;
import nimblestride.sound.render.Mix;
import nimblestride.sound.render.PlaybackRequest;
import nimblestride.sound.wav.WavFile;

/** A sample exercise as if somebody had recorded it: the program plays it to a file, and only its bars are left. */
final class SampleRecording {
    private static final String PIECE = "lantern-bridge";
    private static final String FILE = "lantern-bridge.wav";
    /** The seconds that the last sounds ring on. */
    private static final double RINGS = 2;

    private SampleRecording() {}

    /**
     * Makes the recording, keeps it with the Book, and returns its exercise.
     *
     * @throws FileException if it can't be written
     */
    static Exercise make(RecordingShelf shelf) {
        Exercise piece = SampleBook.piece(PIECE).selectedOnly();
        Path folder = shelf.folder();
        try {
            folder = Files.createTempDirectory("nimble-stride-sample");
            Path file = folder.resolve(FILE);
            try (OutputStream out = Files.newOutputStream(file)) {
                new WavFile(16, false, 1)
                        .write(
                                new PlaybackRequest(piece, ClickSettings.NONE).mixed(Mix.IN_A_ROOM),
                                RecordedKit.shipped(WavFile.SAMPLE_RATE),
                                out,
                                WavFile.Progress.TO_THE_END);
            }
            String content = shelf.add(file);
            Files.delete(file);
            Files.delete(folder);
            double seconds = Playthrough.untilRealigned(piece).seconds().doubleValue();
            return new Exercise("Lantern Bridge, recorded", piece.phrase(), List.of(), piece.tempo())
                    .withRecording(new LinkedRecording(
                            content,
                            FILE,
                            seconds + RINGS,
                            LinkedRecording.DEFAULT_SENSITIVITY,
                            HitMarks.NONE,
                            BeatMap.steady(0, piece.tempo())));
        } catch (IOException e) {
            throw FileException.writing(folder, e);
        }
    }
}
