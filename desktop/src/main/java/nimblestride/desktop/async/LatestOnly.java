package nimblestride.desktop.async;

import java.time.Duration;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.application.Platform;

/**
 * Answers questions off the interface thread, one after the other. A question that a newer one overtakes before it
 * starts is dropped, and an answer that is overtaken is never shown.
 */
public final class LatestOnly implements AutoCloseable {
    /** Half a frame: so long the interface thread may stand still without anybody noticing. */
    private static final Duration UNNOTICED = Duration.ofMillis(8);

    private final AtomicLong newest = new AtomicLong();
    private final TaskSequence tasks;
    private final Duration unnoticed;
    private volatile boolean cameSoon;

    /** @param name of the thread */
    public LatestOnly(String name) {
        this(name, UNNOTICED);
    }

    /** @param unnoticed how long the interface thread may stand still */
    LatestOnly(String name, Duration unnoticed) {
        this.unnoticed = unnoticed;
        tasks = new TaskSequence(name);
    }

    /**
     * Asks from the interface thread.
     *
     * @param show gets the answer on the interface thread
     */
    public <T> void ask(Supplier<T> question, Consumer<T> show) {
        tasks.execute(new Asked<>(newest.incrementAndGet(), question, show));
    }

    /**
     * Asks from the interface thread, and if the last answer came before anybody could notice, waits for this one:
     * what was typed and what follows from it then appear in the same frame. One that is late once gets as long again,
     * because what was typed would otherwise be drawn in between and the answer come later still. An answer that takes
     * longer is shown when it comes.
     *
     * @param show gets the answer on the interface thread, perhaps before this returns
     */
    public <T> void askAndWaitBriefly(Supplier<T> question, Consumer<T> show) {
        Asked<T> asked = new Asked<>(newest.incrementAndGet(), question, show);
        // Read before this one can answer: the first answer of all must not come while its asker is still being made.
        boolean lastCameSoon = cameSoon;
        tasks.execute(asked);
        if (lastCameSoon) {
            asked.waitBriefly();
        }
    }

    /** A question on its way, and its answer. */
    private final class Asked<T> implements Runnable {
        private final long number;
        private final Supplier<T> question;
        private final Consumer<T> show;
        private final CountDownLatch come = new CountDownLatch(1);
        private volatile T answer;
        private volatile boolean answered;
        private boolean shown;

        Asked(long number, Supplier<T> question, Consumer<T> show) {
            this.number = number;
            this.question = question;
            this.show = show;
        }

        @Override
        public void run() {
            if (number == newest.get()) {
                long begun = System.nanoTime();
                try {
                    answer = question.get();
                } catch (RuntimeException | Error e) {
                    // The next question is answered all the same.
                    DefectReporter.report(e);
                    cameSoon = false;
                    come.countDown();
                    return;
                }
                cameSoon = System.nanoTime() - begun < unnoticed.toNanos();
                answered = true;
                come.countDown();
                Platform.runLater(this::showOnce);
            }
        }

        void waitBriefly() {
            try {
                if (come.await(unnoticed.multipliedBy(2).toNanos(), TimeUnit.NANOSECONDS)) {
                    showOnce();
                }
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
        }

        private void showOnce() {
            if (answered && !shown && number == newest.get()) {
                shown = true;
                show.accept(answer);
            }
        }
    }

    @Override
    public void close() {
        tasks.cancel();
    }
}
