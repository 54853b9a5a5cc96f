package nimblestride.desktop.desk;

import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.application.Platform;

/**
 * Works questions out off the interface thread, one after the other. A question that is overtaken by a newer one before
 * it is begun is not worked out at all, and an answer that is overtaken is never shown.
 */
public final class Newest implements AutoCloseable {
    private final AtomicLong newest = new AtomicLong();
    private final ExecutorService thread;

    /** @param name of the thread */
    public Newest(String name) {
        thread = Executors.newSingleThreadExecutor(task -> {
            Thread made = new Thread(task, name);
            made.setDaemon(true);
            return made;
        });
    }

    /**
     * Asks, from the interface thread.
     *
     * @param show is given the answer on the interface thread
     */
    public <T> void ask(Supplier<T> question, Consumer<T> show) {
        long number = newest.incrementAndGet();
        thread.execute(() -> {
            if (number == newest.get()) {
                T answer = question.get();
                Platform.runLater(() -> {
                    if (number == newest.get()) {
                        show.accept(answer);
                    }
                });
            }
        });
    }

    @Override
    public void close() {
        thread.shutdownNow();
    }
}
