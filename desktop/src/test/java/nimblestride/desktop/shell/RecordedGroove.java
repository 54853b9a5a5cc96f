package nimblestride.desktop.shell;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import nimblestride.core.language.text.Examples;
import nimblestride.core.language.text.TempoText;
import nimblestride.sound.recorded.RecordedKit;
import nimblestride.sound.render.ClickSettings;
import nimblestride.sound.render.PlaybackRequest;
import nimblestride.sound.wav.WavFile;

/** A recording that the program plays: sixteen bars of seven eighths at 240. */
final class RecordedGroove {
    private RecordedGroove() {}

    static Path in(Path folder) throws IOException {
        Path file = folder.resolve("Weir_in_seven.wav");
        try (OutputStream out = Files.newOutputStream(file)) {
            new WavFile(16, false, 16)
                    .write(
                            new PlaybackRequest(
                                    Examples.exercise(
                                                    "7/8(2+2+3)",
                                                    "kick cell x...x.. of 1/8",
                                                    "snare cell ..X...x of 1/8",
                                                    "hi-hat every 1/8")
                                            .withTempo(TempoText.read("1/8=240")),
                                    ClickSettings.NONE),
                            RecordedKit.shipped(WavFile.SAMPLE_RATE),
                            out,
                            WavFile.Progress.TO_THE_END);
        }
        return file;
    }
}
