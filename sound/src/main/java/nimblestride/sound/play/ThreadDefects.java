package nimblestride.sound.play;

/** Hands a defect to the handler of the thread that met it, so that the thread can go on. */
final class ThreadDefects {
    private ThreadDefects() {}

    static void report(Throwable defect) {
        Thread here = Thread.currentThread();
        here.getUncaughtExceptionHandler().uncaughtException(here, defect);
    }
}
