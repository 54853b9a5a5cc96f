package nimblestride.benchmarks;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import javafx.event.Event;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.stage.Stage;
import nimblestride.desktop.book.SampleBook;
import nimblestride.desktop.window.Ahead;
import nimblestride.desktop.window.MainWindow;
import nimblestride.sound.play.SilentClock;

/**
 * How the window moves while it plays: how long each frame of the Road, and of the Weave, takes to be worked out, laid out and drawn, and
 * how many come late because the screen was not done with the last. To reach: 99 of 100 within 16.7 ms.
 */
public final class FramesMeasure {
    private static final int SECONDS = 30;
    private static final double FRAME = 1_000 / 60.0;

    private MainWindow window;

    private FramesMeasure() {}

    public static void main(String[] arguments) throws Exception {
        Platform.startup(() -> Platform.setImplicitExit(false));
        FramesMeasure measure = new FramesMeasure();
        try {
            measure.open();
            measure.play("the Road and four lanes", "Lantern Bridge", "Layers");
            measure.play("the Road and the Weave", "Weir Steps", "Weave");
        } finally {
            System.exit(0);
        }
    }

    private void open() throws Exception {
        Path home = Files.createTempDirectory("stride-frames");
        SampleBook.make(home.resolve(Ahead.BOOK), LocalDate.now(Clock.systemDefaultZone()));
        onScreen(() -> {
            window = new MainWindow(
                    new Stage(),
                    Ahead.at(home),
                    Optional.empty(),
                    SilentClock::new,
                    Clock.systemDefaultZone(),
                    System::nanoTime);
            window.show();
        });
    }

    private void play(String what, String piece, String page) throws Exception {
        onScreen(() -> {
            window.openFromBook(piece);
            window.go("Cross", page);
            space();
        });
        TimeUnit.SECONDS.sleep(5);
        List<Long> begun = new ArrayList<>();
        List<Double> worked = new ArrayList<>();
        AnimationTimer frames = new AnimationTimer() {
            @Override
            public void handle(long now) {
                begun.add(System.nanoTime());
            }
        };
        Runnable drawn = () -> {
            if (!begun.isEmpty() && worked.size() < begun.size()) {
                worked.add((System.nanoTime() - begun.get(begun.size() - 1)) / 1e6);
            }
        };
        onScreen(() -> {
            window.stage().getScene().addPostLayoutPulseListener(drawn);
            frames.start();
        });
        TimeUnit.SECONDS.sleep(SECONDS);
        onScreen(() -> {
            frames.stop();
            window.stage().getScene().removePostLayoutPulseListener(drawn);
            space();
        });
        List<Double> sorted = worked.stream().sorted().toList();
        int late = 0;
        for (int i = 1; i < begun.size(); i++) {
            if ((begun.get(i) - begun.get(i - 1)) / 1e6 > 1.5 * FRAME) {
                late++;
            }
        }
        System.out.printf(
                "%s, playing: a frame takes %.1f ms, 99 of 100 within %.1f ms; %.1f frames a second, %.1f of 100 late%n",
                what,
                sorted.get(sorted.size() / 2),
                sorted.get((int) (sorted.size() * 0.99)),
                begun.size() / (double) SECONDS,
                100.0 * late / begun.size());
    }

    /** Plays and stops. */
    private void space() {
        Node road = window.stage().getScene().getRoot().lookup(".road");
        road.requestFocus();
        Event.fireEvent(road, new KeyEvent(KeyEvent.KEY_PRESSED, " ", "", KeyCode.SPACE, false, false, false, false));
    }

    private static void onScreen(Runnable action) throws InterruptedException {
        CountDownLatch done = new CountDownLatch(1);
        Platform.runLater(() -> {
            action.run();
            done.countDown();
        });
        done.await();
    }
}
