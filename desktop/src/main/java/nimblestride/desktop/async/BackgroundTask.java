package nimblestride.desktop.async;

import java.util.concurrent.CancellationException;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;

/** Work that starts in the background before its result is needed, so that a window need not wait for all of it. */
public final class BackgroundTask<T> {
    private final CompletableFuture<T> task;

    /** Makes the result. */
    public interface Beginning<T> {
        T make();
    }

    private BackgroundTask(CompletableFuture<T> task) {
        this.task = task;
    }

    /**
     * Starts work.
     *
     * @param name of the work, which its thread carries
     */
    public static <T> BackgroundTask<T> begin(String name, Beginning<T> beginning) {
        return new BackgroundTask<>(CompletableFuture.supplyAsync(beginning::make, work -> Background.run(name, work)));
    }

    /**
     * Starts other work when this has ended, even if it failed. Work in turn leaves the other processors to what nobody can do ahead.
     *
     * @param name of the other work
     */
    public <U> BackgroundTask<U> then(String name, Beginning<U> beginning) {
        return new BackgroundTask<>(
                task.handleAsync((made, failure) -> beginning.make(), work -> Background.run(name, work)));
    }

    /** Starts work without a result when this has ended, as {@link #then} does. */
    public void thenRun(String name, Runnable work) {
        task.whenComplete((made, failure) -> Background.run(name, work));
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
