package nimblestride.sound.recording;

import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Supplier;

/** A thread beside the one that reads a recording, for one piece of work at a time. One thread may use it; close it. */
public final class SecondThread implements AutoCloseable {
    private final ExecutorService thread;
    private CompletableFuture<?> work = CompletableFuture.completedFuture(null);

    /** @param name of the thread */
    public SecondThread(String name) {
        thread = Executors.newSingleThreadExecutor(task -> {
            Thread second = new Thread(task, name);
            second.setDaemon(true);
            return second;
        });
    }

    /**
     * Begins a piece of work, once the piece before it is done; if that failed, it fails here.
     *
     * @return waits until the piece is done, and gives what comes of it; if it failed, it fails there
     */
    public <T> Supplier<T> begin(Supplier<T> next) {
        result(work);
        CompletableFuture<T> begun = CompletableFuture.supplyAsync(next, thread);
        work = begun;
        return () -> result(begun);
    }

    private static <T> T result(CompletableFuture<T> work) {
        try {
            return work.join();
        } catch (CompletionException e) {
            if (e.getCause() instanceof RuntimeException cause) {
                throw cause;
            }
            if (e.getCause() instanceof Error cause) {
                throw cause;
            }
            throw e;
        }
    }

    /** Lets the work that was begun go on to its end, and takes no more. */
    @Override
    public void close() {
        thread.shutdown();
    }
}
