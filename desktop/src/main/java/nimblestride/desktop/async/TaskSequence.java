package nimblestride.desktop.async;

import java.time.Duration;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.concurrent.Executor;
import java.util.concurrent.Future;

/** Runs tasks in the background one after the other, in the order given. Any thread may add a task. */
public final class TaskSequence implements Executor {
    /** Until the frame that shows an edit is drawn, and with it what follows from the edit. */
    private static final Duration FRAME = Duration.ofMillis(40);

    private final String name;
    private final Duration pause;
    private final Deque<Runnable> waiting = new ArrayDeque<>();
    private Future<?> running;
    private boolean closed;

    /** @param name of the thread while it runs a task */
    public TaskSequence(String name) {
        this(name, Duration.ZERO);
    }

    private TaskSequence(String name, Duration pause) {
        this.name = name;
        this.pause = pause;
    }

    /**
     * Returns a sequence that waits for 40 ms when it has had nothing to do, so that what it does for an edit leaves the processors to
     * the frame that shows it.
     *
     * @param name of the thread while it runs a task
     */
    public static TaskSequence afterTheFrame(String name) {
        return new TaskSequence(name, FRAME);
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
        pause();
        for (Runnable task = next(); task != null; task = next()) {
            try {
                task.run();
            } catch (RuntimeException | Error e) {
                // The next task runs all the same.
                DefectReporter.report(e);
            }
        }
    }

    /** Waits for the frame; to finish, or to cancel, cuts it short. */
    private synchronized void pause() {
        long end = System.nanoTime() + pause.toNanos();
        try {
            for (long left = pause.toMillis(); !closed && left > 0; left = (end - System.nanoTime()) / 1_000_000) {
                wait(left);
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
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
        notifyAll();
        long end = System.nanoTime() + time.toNanos();
        for (long left = time.toMillis(); running != null && left > 0; left = (end - System.nanoTime()) / 1_000_000) {
            wait(left);
        }
        return running == null;
    }
}
