package nimblestride.desktop.async;

import java.time.Duration;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.desktop.service.Status;

/**
 * Runs commands (write, export, import, print, restore) off the interface thread: each exactly once, in the order given. None is
 * dropped because a newer one comes. All methods belong to the interface thread.
 */
public final class CommandQueue implements AutoCloseable {
    private static final int SECONDS_TO_FINISH = 30;

    private final TaskSequence tasks = new TaskSequence("commands");
    private final Deque<Running> waiting = new ArrayDeque<>();
    private final ReadOnlyObjectWrapper<Optional<Running>> running = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final BiConsumer<String, String> failed;
    private final Status status;

    /**
     * @param failed shows the title and the reason of a command that failed
     * @param status shows one line
     */
    public CommandQueue(BiConsumer<String, String> failed, Status status) {
        this.failed = failed;
        this.status = status;
    }

    /** Does the work of a command, and returns what came of it. */
    public interface Work<T> {
        /**
         * Does the work.
         *
         * @throws StrideException if it fails; the message is shown
         * @throws CancellationException if the user has canceled it; {@link Progress#report} throws it
         */
        T run(Progress progress);
    }

    /** Says how far a command has come. */
    public interface Progress {
        /**
         * Reports, and asks whether to go on. A long command calls this often.
         *
         * @param part from 0 to 1; less than 0 where that is not known
         * @throws CancellationException if the user has canceled the command
         */
        void report(double part);
    }

    /** A command that waits or runs. */
    public static final class Running implements Progress {
        private final String what;
        private final ReadOnlyObjectWrapper<Double> done = new ReadOnlyObjectWrapper<>(-1.0);
        private final AtomicInteger shownHundredths = new AtomicInteger(-1);
        private volatile boolean canceled;

        private Running(String what) {
            this.what = what;
        }

        /** Returns what it does, for people: {@code Writing weir-steps.wav}. */
        public String what() {
            return what;
        }

        /** Returns how much is done, from 0 to 1; negative where that is not known. */
        public ReadOnlyObjectProperty<Double> doneProperty() {
            return done.getReadOnlyProperty();
        }

        /** Asks it to stop. It stops at its next report, and leaves everything as it was. */
        public void cancel() {
            canceled = true;
        }

        @Override
        public void report(double part) {
            if (canceled) {
                throw new CancellationException();
            }
            int hundredths = (int) (part * 100);
            if (shownHundredths.getAndSet(hundredths) != hundredths) {
                Platform.runLater(() -> done.set(part));
            }
        }
    }

    /** Returns which command runs; empty where none does. */
    public ReadOnlyObjectProperty<Optional<Running>> runningProperty() {
        return running.getReadOnlyProperty();
    }

    /**
     * Runs a command after those given before.
     *
     * @param what it does, for people: {@code Writing weir-steps.wav}
     * @param then gets the result on the interface thread; not called after a failure or a cancel
     */
    public <T> void run(String what, Work<T> work, Consumer<T> then) {
        Running command = new Running(what);
        waiting.add(command);
        showFirst();
        tasks.execute(() -> {
            Runnable end = outcome(command, work, then);
            Platform.runLater(() -> {
                waiting.remove(command);
                showFirst();
                end.run();
            });
        });
    }

    private <T> Runnable outcome(Running command, Work<T> work, Consumer<T> then) {
        try {
            command.report(-1);
            T answer = work.run(command);
            return () -> then.accept(answer);
        } catch (CancellationException e) {
            return () -> status.show("Canceled: " + command.what + ". Nothing was changed.");
        } catch (StrideException e) {
            return () -> failed.accept(command.what + " failed", sentence(e.getMessage()));
        } catch (RuntimeException | Error e) {
            DefectReporter.report(e);
            return () ->
                    failed.accept(command.what + " failed", "Something in the program broke. See Help > Program log.");
        }
    }

    private static String sentence(String reason) {
        return Character.toUpperCase(reason.charAt(0)) + reason.substring(1) + (reason.endsWith(".") ? "" : ".");
    }

    private void showFirst() {
        running.set(Optional.ofNullable(waiting.peek()));
    }

    /** Lets what was asked for finish, for at most 30 seconds; then cancels the rest. */
    @Override
    public void close() {
        try {
            if (!tasks.finish(Duration.ofSeconds(SECONDS_TO_FINISH))) {
                waiting.forEach(Running::cancel);
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
