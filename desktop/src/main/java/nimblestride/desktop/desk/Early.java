package nimblestride.desktop.desk;

import java.io.IOException;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;

/** Something that is begun on a thread of its own before it is needed, so that a window need not wait for all of it. */
public final class Early<T> {
    private final FutureTask<T> task;

    /** What is begun early. */
    public interface Beginning<T> {
        T make() throws IOException;
    }

    private Early(FutureTask<T> task) {
        this.task = task;
    }

    /** @param name of the thread */
    public static <T> Early<T> begin(String name, Beginning<T> beginning) {
        FutureTask<T> task = new FutureTask<>(beginning::make);
        Thread thread = new Thread(task, name);
        thread.setDaemon(true);
        thread.start();
        return new Early<>(task);
    }

    /**
     * What came of it; waits until it is there.
     *
     * @throws IOException if it could not be made
     */
    public T get() throws IOException {
        boolean interrupted = false;
        try {
            while (true) {
                try {
                    return task.get();
                } catch (InterruptedException e) {
                    interrupted = true;
                } catch (CancellationException e) {
                    throw new IOException("it was given up", e);
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

    private static IOException failure(Throwable cause) {
        if (cause instanceof RuntimeException unexpected) {
            throw unexpected;
        }
        if (cause instanceof Error error) {
            throw error;
        }
        return (IOException) cause;
    }
}
