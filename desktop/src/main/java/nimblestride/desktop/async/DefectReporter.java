package nimblestride.desktop.async;

/** Reports what nobody expected to the handler that logs it and shows it to the user. */
public final class DefectReporter {
    private DefectReporter() {}

    /** Hands a defect to the handler of this thread, so that work can go on after it. */
    public static void report(Throwable defect) {
        Thread here = Thread.currentThread();
        here.getUncaughtExceptionHandler().uncaughtException(here, defect);
    }
}
