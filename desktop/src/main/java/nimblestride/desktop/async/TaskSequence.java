package nimblestride.desktop.async;

import java.time.Duration;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.concurrent.Executor;
import java.util.concurrent.Future;

/** Runs tasks in the background one after the other, in the order given. Any thread may add a task. */
public final class TaskSequence implements Executor {
    private final String name;
    private final Deque<Runnable> waiting = new ArrayDeque<>();
    private Future<?> running;
    private boolean closed;

    /** @param name of the thread while it runs a task */
    public TaskSequence(String name) {
        this.name = name;
    }

    /** Adds a task; after {@link #cancel} or {@link #finish} it does nothing. */
    @Override
    public synchronized void execute(Runnable task) {
        if (closed) {
            return;
        }
        waiting.add(task);
        if (running == null) {
            running = Background.submit(name, this::runAll);
        }
    }

    private void runAll() {
        for (Runnable task = next(); task != null; task = next()) {
            try {
                task.run();
            } catch (RuntimeException | Error e) {
                // The next task runs all the same.
                DefectReporter.report(e);
            }
        }
    }

    private synchronized Runnable next() {
        Runnable task = waiting.poll();
        if (task == null) {
            running = null;
            notifyAll();
        }
        return task;
    }

    /** Drops what waits, and interrupts what runs. */
    public synchronized void cancel() {
        closed = true;
        waiting.clear();
        if (running != null) {
            running.cancel(true);
        }
    }

    /**
     * Takes no more tasks, and waits until those that were added are done.
     *
     * @return whether they were done in time
     */
    public synchronized boolean finish(Duration time) throws InterruptedException {
        closed = true;
        long end = System.nanoTime() + time.toNanos();
        for (long left = time.toMillis(); running != null && left > 0; left = (end - System.nanoTime()) / 1_000_000) {
            wait(left);
        }
        return running == null;
    }
}
