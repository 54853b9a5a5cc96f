package nimblestride.benchmarks;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import javafx.application.Platform;
import javafx.beans.value.ChangeListener;
import javafx.beans.value.ObservableValue;
import javafx.event.Event;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.stage.Stage;
import nimblestride.core.exercise.Exercise;
import nimblestride.core.layer.Layer;
import nimblestride.core.text.BarsText;
import nimblestride.core.text.LayerText;
import nimblestride.core.value.Tempo;
import nimblestride.desktop.window.Ahead;
import nimblestride.desktop.window.MainWindow;
import nimblestride.formats.json.ExerciseJson;
import nimblestride.sound.play.SilentClock;

/**
 * How long it takes in the real window from a keystroke in the bars line until the Road and the findings are drawn, and
 * from a page on the Weave until its rows are. To reach: 99 of 100 within 16.7 ms at 64 bars and 8 layers, and within
 * 100 ms at 2,000 bars. Ten keystrokes come a second. A frame is laid out and drawn up to 16.7 ms after it is asked for,
 * and that is in it; the time the screen takes to show it is not.
 */
public final class RedrawMeasure {
    private static final int WARM = 150;
    private static final int COUNTED = 300;
    /** Ten keystrokes a second, in milliseconds: faster than anybody types bars. */
    private static final int BETWEEN_KEYSTROKES = 100;

    private static final List<Layer> LAYERS = List.of(
                    "kick every 3/16",
                    "snare every 1/4 from 1/8",
                    "ride cell x.xx. of 1/8",
                    "hi-hat every 1/8",
                    "cowbell every 5/16",
                    "tambourine 5 over bar",
                    "shaker every 1/16",
                    "claves cell x..x..x. of 1/16")
            .stream()
            .map(LayerText::read)
            .toList();

    private MainWindow window;

    private RedrawMeasure() {}

    public static void main(String[] arguments) throws Exception {
        Platform.startup(() -> Platform.setImplicitExit(false));
        RedrawMeasure measure = new RedrawMeasure();
        try {
            measure.keystrokes(64);
            measure.keystrokes(2_000);
            measure.weave();
        } finally {
            System.exit(0);
        }
    }

    /** Opens a window of its own for each measure, so that none is asked to give up what the last one typed. */
    private void lay(int bars) throws Exception {
        Path home = Files.createTempDirectory("stride-redraw");
        Path file = home.resolve(bars + ".json");
        ExerciseJson.write(new Exercise("Measured", BarsText.read(bars(bars, 0)), LAYERS, Tempo.ofQuarters(96)), file);
        onScreen(() -> {
            if (window != null) {
                window.close();
                window.stage().hide();
            }
            window = new MainWindow(
                    new Stage(),
                    Ahead.at(home),
                    Optional.empty(),
                    SilentClock::new,
                    java.time.Clock.systemDefaultZone(),
                    System::nanoTime);
            window.show();
            window.open(file);
        });
        TimeUnit.SECONDS.sleep(2);
    }

    private static String bars(int count, int last) {
        return "[7/8, 5/8] x" + (count / 2 - 1) + ", 9/16, " + (3 + last % 5) + "/8";
    }

    private void keystrokes(int bars) throws Exception {
        lay(bars);
        TextField field = (TextField) find("#bars");
        // What the Road says of itself changes with each answer, before the rest is drawn.
        ObservableValue<String> said = find(".road").accessibleTextProperty();
        double[] times = new double[COUNTED];
        for (int i = -WARM; i < COUNTED; i++) {
            CountDownLatch drawn = new CountDownLatch(1);
            String text = bars(bars, i + WARM + 1);
            long[] moments = new long[2];
            ChangeListener<String> listener = (property, old, now) -> whenDrawn(moments, drawn);
            onScreen(() -> {
                said.addListener(listener);
                moments[0] = System.nanoTime();
                field.setText(text);
            });
            if (!drawn.await(30, TimeUnit.SECONDS)) {
                throw new IllegalStateException("nothing was drawn for " + text);
            }
            onScreen(() -> said.removeListener(listener));
            TimeUnit.MILLISECONDS.sleep(BETWEEN_KEYSTROKES);
            if (i >= 0) {
                times[i] = (moments[1] - moments[0]) / 1e6;
            }
        }
        tell(String.format("keystroke, %,d bars and 8 layers", bars), times);
    }

    private void weave() throws Exception {
        lay(64);
        onScreen(() -> {
            window.go("Cross", "Weave");
            window.roomForBench(true);
        });
        TimeUnit.SECONDS.sleep(1);
        Node weave = find("#weave");
        double[] times = new double[COUNTED];
        for (int i = -WARM; i < COUNTED; i++) {
            KeyCode key = i % 40 < 20 ? KeyCode.PAGE_DOWN : KeyCode.PAGE_UP;
            long[] moments = new long[2];
            CountDownLatch drawn = new CountDownLatch(1);
            onScreen(() -> {
                moments[0] = System.nanoTime();
                Event.fireEvent(weave, new KeyEvent(KeyEvent.KEY_PRESSED, "", "", key, false, false, false, false));
                whenDrawn(moments, drawn);
            });
            drawn.await();
            TimeUnit.MILLISECONDS.sleep(BETWEEN_KEYSTROKES);
            if (i >= 0) {
                times[i] = (moments[1] - moments[0]) / 1e6;
            }
        }
        tell("a page of the Weave, 8 layers", times);
    }

    /** Takes the second moment when everything is laid out and drawn for the next frame. */
    private void whenDrawn(long[] moments, CountDownLatch drawn) {
        Scene scene = window.stage().getScene();
        scene.addPostLayoutPulseListener(new Runnable() {
            @Override
            public void run() {
                scene.removePostLayoutPulseListener(this);
                moments[1] = System.nanoTime();
                drawn.countDown();
            }
        });
        Platform.requestNextPulse();
    }

    private Node find(String selector) {
        return window.stage().getScene().getRoot().lookup(selector);
    }

    private static void onScreen(Runnable action) throws InterruptedException {
        CountDownLatch done = new CountDownLatch(1);
        Platform.runLater(() -> {
            action.run();
            done.countDown();
        });
        done.await();
    }

    private static void tell(String what, double[] times) {
        double[] sorted = IntStream.range(0, times.length)
                .mapToDouble(i -> times[i])
                .sorted()
                .toArray();
        System.out.printf(
                "%s: median %.1f ms, 99 of 100 within %.1f ms, longest %.1f ms (%d times)%n",
                what,
                sorted[sorted.length / 2],
                sorted[(int) (sorted.length * 0.99) - 1],
                Arrays.stream(sorted).max().orElse(0),
                sorted.length);
    }
}
