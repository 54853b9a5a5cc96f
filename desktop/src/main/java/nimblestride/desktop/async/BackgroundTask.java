package nimblestride.desktop.async;

import java.util.concurrent.CancellationException;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;

/** Something that is begun on a thread of its own before it is needed, so that a window need not wait for all of it. */
public final class BackgroundTask<T> {
    private final FutureTask<T> task;

    /** What is begun early. */
    public interface Beginning<T> {
        T make();
    }

    private BackgroundTask(FutureTask<T> task) {
        this.task = task;
    }

    /** @param name of the thread */
    public static <T> BackgroundTask<T> begin(String name, Beginning<T> beginning) {
        FutureTask<T> task = new FutureTask<>(beginning::make);
        Background.run(name, task);
        return new BackgroundTask<>(task);
    }

    /**
     * What came of it; waits until it is there.
     */
    public T get() {
        boolean interrupted = false;
        try {
            while (true) {
                try {
                    return task.get();
                } catch (InterruptedException e) {
                    interrupted = true;
                } catch (CancellationException e) {
                    throw new IllegalStateException("it was given up", e);
                } catch (ExecutionException e) {
                    throw failure(e.getCause());
                }
            }
        } finally {
            if (interrupted) {
                Thread.currentThread().interrupt();
            }
        }
    }

    private static RuntimeException failure(Throwable cause) {
        if (cause instanceof RuntimeException unexpected) {
            throw unexpected;
        }
        if (cause instanceof Error error) {
            throw error;
        }
        return new IllegalStateException(cause);
    }
}
