package nimblestride.benchmarks;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.beans.value.ChangeListener;
import javafx.beans.value.ObservableValue;
import javafx.event.Event;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.language.text.BarsText;
import nimblestride.core.language.text.LayerText;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.time.value.Tempo;
import nimblestride.desktop.service.PageId;
import nimblestride.desktop.ui.field.LinesArea;
import nimblestride.formats.json.ExerciseJson;

/**
 * How long it takes in the real window from a keystroke in the bars line until the Road and the findings are laid out and drawn, and
 * from a page on the Weave until its rows are. To reach: 99 of 100 within 16.7 ms at 64 bars and 8 layers, and within 100 ms at 2,000
 * bars. Ten keystrokes come a second. Frames come every 16.7 ms, and the next one is waited for with nothing to do: reported with that
 * wait and without it. The time the screen takes to show a frame is not in it.
 */
public final class RedrawMeasure {
    private static final int WARM = 150;
    private static final int COUNTED = 300;
    /** Ten keystrokes a second, in milliseconds: faster than anybody types bars. */
    private static final int BETWEEN_KEYSTROKES = 100;

    private static final List<Layer> LAYERS = Stream.of(
                    "kick every 3/16",
                    "snare every 1/4 from 1/8",
                    "ride cell x.xx. of 1/8",
                    "hi-hat every 1/8",
                    "cowbell every 5/16",
                    "tambourine 5 over bar",
                    "shaker every 1/16",
                    "claves cell x..x..x. of 1/16")
            .map(LayerText::read)
            .toList();

    private final Screen screen;

    private RedrawMeasure(Screen screen) {
        this.screen = screen;
    }

    /** @param arguments {@code part} for the part only */
    public static void main(String[] arguments) throws Exception {
        Screen.measure(() -> {
            if (arguments.length > 0) {
                new RedrawMeasure(lay(500)).part();
                return;
            }
            for (int bars : new int[] {64, 2_000}) {
                Screen typed = lay(bars);
                new RedrawMeasure(typed).keystrokes(bars);
                typed.close();
            }
            Screen screen = lay(64);
            new RedrawMeasure(screen).weave();
            screen.close();
            new RedrawMeasure(lay(500)).part();
        });
    }

    private static Screen lay(int bars) throws Exception {
        Path home = Files.createTempDirectory("stride-redraw");
        Path file = home.resolve(bars + ".json");
        ExerciseJson.write(new Exercise("Measured", BarsText.read(bars(bars, 0)), LAYERS, Tempo.ofQuarters(96)), file);
        Screen screen = Screen.on(home);
        Screen.act(() -> screen.window().open(file));
        TimeUnit.SECONDS.sleep(2);
        return screen;
    }

    private static String bars(int count, int last) {
        return "[7/8, 5/8] x" + (count / 2 - 1) + ", 9/16, " + (3 + last % 5) + "/8";
    }

    private void keystrokes(int bars) throws Exception {
        TextField field = (TextField) screen.find("#bars");
        // What the Road says of itself changes with each answer, before the rest is drawn.
        ObservableValue<String> said = screen.find(".road").accessibleTextProperty();
        List<Moments> times = new ArrayList<>();
        for (int i = -WARM; i < COUNTED; i++) {
            Moments moments = new Moments(screen.scene());
            String text = bars(bars, i + WARM + 1);
            ChangeListener<String> listener = (property, old, now) -> moments.answered();
            Screen.act(() -> {
                said.addListener(listener);
                moments.begin();
                field.setText(text);
            });
            if (!moments.drawn.await(30, TimeUnit.SECONDS)) {
                throw new IllegalStateException("nothing was drawn for " + text);
            }
            Screen.act(() -> said.removeListener(listener));
            TimeUnit.MILLISECONDS.sleep(BETWEEN_KEYSTROKES);
            if (i >= 0) {
                times.add(moments);
            }
        }
        print(String.format("keystroke, %,d bars and 8 layers", bars), times);
    }

    private void weave() throws Exception {
        Screen.act(() -> {
            screen.window().open(PageId.WEAVE);
            screen.window().options().roomForWorkspaceProperty().set(true);
        });
        TimeUnit.SECONDS.sleep(1);
        Node weave = screen.find("#weave");
        List<Moments> times = new ArrayList<>();
        for (int i = -WARM; i < COUNTED; i++) {
            KeyCode key = i % 40 < 20 ? KeyCode.PAGE_DOWN : KeyCode.PAGE_UP;
            Moments moments = new Moments(screen.scene());
            Screen.act(() -> {
                moments.begin();
                Event.fireEvent(weave, new KeyEvent(KeyEvent.KEY_PRESSED, "", "", key, false, false, false, false));
                moments.answered();
            });
            moments.drawn.await();
            TimeUnit.MILLISECONDS.sleep(BETWEEN_KEYSTROKES);
            if (i >= 0) {
                times.add(moments);
            }
        }
        print("a page of the Weave, 8 layers", times);
    }

    /** When a key was pressed, when what it asked for had been handed to the window, and when that was drawn; in nanoseconds. */
    private static final class Moments {
        private final Scene scene;
        private final CountDownLatch drawn = new CountDownLatch(1);
        private final Runnable begins = this::frameBegins;
        private final Runnable ends = this::frameEnds;
        private long pressed;
        private long waiting;
        private long waited;
        private long end;

        Moments(Scene scene) {
            this.scene = scene;
        }

        void begin() {
            pressed = System.nanoTime();
        }

        /** The answer is being handed round; when that is done, there is only the next frame to wait for. */
        void answered() {
            scene.addPreLayoutPulseListener(begins);
            scene.addPostLayoutPulseListener(ends);
            Platform.requestNextPulse();
            Platform.runLater(() -> waiting = System.nanoTime());
        }

        private void frameBegins() {
            scene.removePreLayoutPulseListener(begins);
            waited = waiting == 0 ? 0 : System.nanoTime() - waiting;
        }

        private void frameEnds() {
            scene.removePostLayoutPulseListener(ends);
            end = System.nanoTime();
            drawn.countDown();
        }

        double withTheWait() {
            return (end - pressed) / 1e6;
        }

        double withoutTheWait() {
            return (end - pressed - waited) / 1e6;
        }
    }

    /** Types into a part of 500 bars: a note of bar 250 changes with each keystroke. */
    private void part() throws Exception {
        Screen.act(() -> {
            ((TextField) screen.find("#bars")).setText("[7/8, 5/8] x250");
            screen.window().open(PageId.WRITE);
        });
        TimeUnit.SECONDS.sleep(1);
        LinesArea area = (LinesArea) screen.find("#part");
        String half = "kick . snare . / ride snare snare / hi-hat hi-hat |\nhi-hat kick / . |\n".repeat(125);
        Screen.act(() -> {
            area.replaceText((half + half).strip());
            area.moveTo(half.length());
            area.requestFollowCaret();
        });
        TimeUnit.SECONDS.sleep(1);
        List<Moments> times = new ArrayList<>();
        for (int i = -WARM; i < COUNTED; i++) {
            String before = i % 2 == 0 ? "kick" : "snare";
            String after = i % 2 == 0 ? "snare" : "kick";
            Moments moments = new Moments(screen.scene());
            Screen.act(() -> {
                moments.begin();
                area.replaceText(half.length(), half.length() + before.length(), after);
                moments.answered();
            });
            moments.drawn.await();
            TimeUnit.MILLISECONDS.sleep(BETWEEN_KEYSTROKES);
            if (i >= 0) {
                times.add(moments);
            }
        }
        if (!screen.find(".road").getAccessibleText().contains("kick 2")) {
            throw new IllegalStateException("the part was not taken");
        }
        print("a keystroke in a part of 500 bars", times);
    }

    private static void print(String what, List<Moments> times) {
        double[] all = times.stream().mapToDouble(Moments::withTheWait).sorted().toArray();
        double[] work =
                times.stream().mapToDouble(Moments::withoutTheWait).sorted().toArray();
        System.out.printf(
                "%s: median %.1f ms, 99 of 100 within %.1f ms, longest %.1f ms; without the wait for the next frame %.1f, %.1f, %.1f ms"
                        + " (%d times)%n",
                what,
                all[all.length / 2],
                all[(int) (all.length * 0.99) - 1],
                all[all.length - 1],
                work[work.length / 2],
                work[(int) (work.length * 0.99) - 1],
                work[work.length - 1],
                all.length);
    }
}
