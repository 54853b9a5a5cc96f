package nimblestride.benchmarks;

import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import javafx.scene.Node;
import javafx.scene.control.Labeled;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.language.text.BarsText;
import nimblestride.core.language.text.LayerText;
import nimblestride.core.language.text.TempoText;
import nimblestride.desktop.service.PageId;
import nimblestride.sound.recorded.RecordedKit;
import nimblestride.sound.render.ClickSettings;
import nimblestride.sound.render.PlaybackRequest;
import nimblestride.sound.wav.WavFile;

/**
 * Opens a recording of five minutes in the real window on the sample Book, in 256 MiB of heap: how long it takes until it is an
 * exercise in its meter with its hits drawn, and how much memory is in use when it then plays at half its tempo. To reach: 5 s.
 */
public final class RecordingMeasure {
    private static final int MINUTES = 5;
    private static final double BAR = 7 * 0.25;
    private static final int TIMES = 3;
    private static final int PLAYED = 20;
    private static final int LOOKED_EVERY = 50;
    private static final int PATIENCE = 60_000;
    private static final double MIB = 1 << 20;

    private final Screen screen;

    private RecordingMeasure(Screen screen) {
        this.screen = screen;
    }

    /** Prints the figures. */
    public static void main(String[] arguments) throws Exception {
        Path folder = Files.createTempDirectory("stride-recording");
        for (int time = 0; time < TIMES; time++) {
            record(folder.resolve("long" + time + ".wav"), time);
        }
        Screen.measure(() -> {
            RecordingMeasure measure = new RecordingMeasure(Screen.onSampleBook());
            for (int time = 0; time < TIMES; time++) {
                measure.open(folder.resolve("long" + time + ".wav"));
            }
            measure.play();
        });
    }

    /** Plays a groove in seven, a little faster each time: each file is another recording. */
    private static void record(Path file, int time) throws Exception {
        Exercise groove = new Exercise(
                "Groove",
                BarsText.read("7/8(2+2+3)"),
                List.of(
                        LayerText.read("kick cell x...x.. of 1/8"),
                        LayerText.read("snare cell ..X...x of 1/8"),
                        LayerText.read("hi-hat every 1/8")),
                TempoText.read("1/8=" + (240 + time)));
        try (OutputStream out = Files.newOutputStream(file)) {
            new WavFile(16, false, (int) (MINUTES * 60 / BAR))
                    .write(
                            new PlaybackRequest(groove, ClickSettings.NONE),
                            RecordedKit.shipped(WavFile.SAMPLE_RATE),
                            out,
                            WavFile.Progress.TO_THE_END);
        }
    }

    private void open(Path file) throws Exception {
        long begun = System.nanoTime();
        Screen.act(() -> {
            screen.window().open(PageId.RECORDING);
            screen.window().open(file);
        });
        waitFor(file.getFileName() + ", ");
        System.out.printf(Locale.ROOT, "opened, with hits drawn, in %.1f s%n", (System.nanoTime() - begun) / 1e9);
    }

    /** Waits until the page of the recording says something. */
    private void waitFor(String said) throws Exception {
        boolean[] there = new boolean[1];
        for (int waited = 0; !there[0]; waited += LOOKED_EVERY) {
            if (waited > PATIENCE) {
                throw new IllegalStateException("the page never said: " + said);
            }
            TimeUnit.MILLISECONDS.sleep(LOOKED_EVERY);
            Screen.act(() -> {
                Set<Node> all = screen.scene().getRoot().lookupAll(".label");
                there[0] = all.stream()
                        .anyMatch(node -> node instanceof Labeled label
                                && label.getText() != null
                                && label.getText().startsWith(said)
                                && label.getText().contains(" hits, "));
            });
        }
    }

    private void play() throws Exception {
        Screen.act(() -> screen.playOrStop());
        double most = 0;
        for (int second = 0; second < PLAYED; second++) {
            TimeUnit.SECONDS.sleep(1);
            System.gc();
            Runtime runtime = Runtime.getRuntime();
            most = Math.max(most, (runtime.totalMemory() - runtime.freeMemory()) / MIB);
        }
        Screen.act(() -> screen.playOrStop());
        System.out.printf(
                Locale.ROOT,
                "playing it: %.0f MiB in use at most, of %.0f%n",
                most,
                Runtime.getRuntime().maxMemory() / MIB);
    }
}
