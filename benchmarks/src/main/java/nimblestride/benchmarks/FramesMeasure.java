package nimblestride.benchmarks;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import javafx.animation.Animation;
import javafx.animation.AnimationTimer;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.scene.control.TextField;
import javafx.util.Duration;
import nimblestride.desktop.service.PageId;

/**
 * How the window moves while it plays: how long each frame of the Road, and of the Weave, takes to be worked out, laid out and drawn, and
 * how many come late because the screen was not done with the last. To reach: 99 of 100 within 16.7 ms.
 */
public final class FramesMeasure {
    private static final int SECONDS = 30;
    private static final double FRAME = 1_000 / 60.0;

    private static final Duration BETWEEN_EDITS = Duration.millis(500);

    private final Screen screen;

    private FramesMeasure(Screen screen) {
        this.screen = screen;
    }

    /** @param arguments {@code editing} for the second half only */
    public static void main(String[] arguments) throws Exception {
        Screen.measure(() -> {
            FramesMeasure measure = new FramesMeasure(Screen.onSampleBook());
            if (arguments.length == 0) {
                measure.play("the Road and four lanes", "Lantern Bridge", PageId.LAYERS);
                measure.play("the Road and the Weave", "Weir Steps", PageId.WEAVE);
            }
            measure.playEditing("the Road, edited and saved");
            try (Connection other = DriverManager.getConnection("jdbc:sqlite:" + measure.screen.book());
                    Statement holding = other.createStatement()) {
                holding.execute("BEGIN IMMEDIATE");
                measure.playEditing("the Road, edited, with the Book held");
                holding.execute("ROLLBACK");
            }
        });
    }

    private void playEditing(String what) throws Exception {
        AtomicInteger edits = new AtomicInteger();
        Timeline editing = new Timeline(new KeyFrame(BETWEEN_EDITS, event -> edit(edits.incrementAndGet())));
        editing.setCycleCount(Animation.INDEFINITE);
        Screen.act(editing::play);
        play(what, "Lantern Bridge", PageId.LAYERS);
        Screen.act(editing::stop);
    }

    private void edit(int number) {
        ((TextField) screen.find("#bars")).setText(number % 2 == 0 ? "7/8(2+2+3)" : "7/8(3+2+2)");
    }

    private void play(String what, String piece, PageId page) throws Exception {
        Screen.act(() -> {
            screen.window().openFromBook(piece);
            screen.window().open(page);
            screen.playOrStop();
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
        Screen.act(() -> {
            screen.scene().addPostLayoutPulseListener(drawn);
            frames.start();
        });
        TimeUnit.SECONDS.sleep(SECONDS);
        Screen.act(() -> {
            frames.stop();
            screen.scene().removePostLayoutPulseListener(drawn);
            screen.playOrStop();
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
}
