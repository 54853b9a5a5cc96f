package nimblestride.desktop.async;

import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;

/** Holds the one executor of the desktop: as many daemon threads as there is work, which end with the program. */
public final class Background {
    private static final ExecutorService EXECUTOR = Executors.newCachedThreadPool(task -> {
        Thread thread = new Thread(task, "background");
        thread.setDaemon(true);
        return thread;
    });

    private Background() {}

    /**
     * Runs work as soon as there is a thread. Reports what the work throws as a defect.
     *
     * @param name of the work, which its thread carries while it runs
     */
    public static void run(String name, Runnable work) {
        EXECUTOR.execute(named(name, work));
    }

    /**
     * Runs work as {@link #run} does.
     *
     * @return cancels the work
     */
    public static Future<?> submit(String name, Runnable work) {
        return EXECUTOR.submit(named(name, work));
    }

    private static Runnable named(String name, Runnable work) {
        return () -> {
            Thread here = Thread.currentThread();
            String before = here.getName();
            here.setName(name);
            try {
                work.run();
            } catch (RuntimeException | Error e) {
                DefectReporter.report(e);
            } finally {
                here.setName(before);
            }
        };
    }
}
