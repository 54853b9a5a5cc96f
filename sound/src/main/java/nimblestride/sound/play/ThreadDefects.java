package nimblestride.sound.play;

/** Reports a defect to the handler of the current thread, so that the thread can go on. */
final class ThreadDefects {
    private ThreadDefects() {}

    static void report(Throwable defect) {
        Thread here = Thread.currentThread();
        here.getUncaughtExceptionHandler().uncaughtException(here, defect);
    }
}
