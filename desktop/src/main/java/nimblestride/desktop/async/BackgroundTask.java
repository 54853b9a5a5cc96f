package nimblestride.desktop.async;

import java.util.concurrent.CancellationException;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;

/** Work that starts in the background before its result is needed, so that a window need not wait for all of it. */
public final class BackgroundTask<T> {
    private final FutureTask<T> task;

    /** Makes the result. */
    public interface Beginning<T> {
        T make();
    }

    private BackgroundTask(FutureTask<T> task) {
        this.task = task;
    }

    /**
     * Starts work.
     *
     * @param name of the work, which its thread carries
     */
    public static <T> BackgroundTask<T> begin(String name, Beginning<T> beginning) {
        FutureTask<T> task = new FutureTask<>(beginning::make);
        Background.run(name, task);
        return new BackgroundTask<>(task);
    }

    /** Returns the result, and waits until it is there. Throws what the work threw. */
    public T get() {
        boolean interrupted = false;
        try {
            while (true) {
                try {
                    return task.get();
                } catch (InterruptedException e) {
                    interrupted = true;
                } catch (CancellationException e) {
                    throw new IllegalStateException("it was canceled", e);
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
