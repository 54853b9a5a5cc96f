package nimblestride.desktop.failure;

import java.io.IOException;
import java.lang.Thread.UncaughtExceptionHandler;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.logging.FileHandler;
import java.util.logging.Handler;
import java.util.logging.Level;
import java.util.logging.LogRecord;
import java.util.logging.Logger;
import java.util.logging.SimpleFormatter;

/**
 * Handles every exception nobody expected: writes where it happened to a log file in the program's folder, and tells
 * the user. The log says which kinds of exceptions came where, and never what they say, so that it holds no names of
 * students and exercises.
 */
public final class DefectLog implements UncaughtExceptionHandler {
    private static final String NAME = "nimble-stride";
    private static final int MAX_BYTES = 256 << 10;
    private static final int FILES = 3;

    private final Path folder;
    private final Logger logger = Logger.getAnonymousLogger();
    private Optional<Handler> handler = Optional.empty();
    private volatile Consumer<String> notice = message -> System.err.println("stride: " + message);

    /** @param folder of the log; made when there is something to log */
    public DefectLog(Path folder) {
        this.folder = folder;
        logger.setUseParentHandlers(false);
    }

    /** Sets how to tell the user from now on, on any thread. */
    public void onDefect(Consumer<String> newNotice) {
        notice = newNotice;
    }

    @Override
    public void uncaughtException(Thread thread, Throwable defect) {
        write(thread, defect);
        notice.accept("Something went wrong. Your work is as it was before. See Help > Program log.");
    }

    private synchronized void write(Thread thread, Throwable defect) {
        try {
            if (handler.isEmpty()) {
                handler = Optional.of(open());
                logger.addHandler(handler.get());
            }
            LogRecord entry = new LogRecord(Level.SEVERE, thread.getName() + "\n" + described(defect));
            entry.setLoggerName(NAME);
            logger.log(entry);
        } catch (IOException | RuntimeException e) {
            System.err.println("stride: can't write the log (" + e.getMessage() + ")");
            defect.printStackTrace();
        }
    }

    private Handler open() throws IOException {
        Files.createDirectories(folder);
        Handler file =
                new FileHandler(folder.toString().replace("%", "%%") + "/" + NAME + ".%g.log", MAX_BYTES, FILES, true);
        file.setEncoding(StandardCharsets.UTF_8.name());
        file.setFormatter(new SimpleFormatter() {
            @Override
            public String format(LogRecord entry) {
                return entry.getInstant() + " " + entry.getMessage() + "\n";
            }
        });
        return file;
    }

    /** Describes which exceptions were thrown where, and not what they say. */
    static String described(Throwable defect) {
        StringBuilder text = new StringBuilder();
        Throwable one = defect;
        for (int depth = 0; one != null && depth < 10; depth++) {
            text.append(depth == 0 ? "" : "caused by ")
                    .append(one.getClass().getName())
                    .append('\n');
            for (StackTraceElement at : one.getStackTrace()) {
                text.append("    at ").append(at).append('\n');
            }
            one = one.getCause();
        }
        return text.toString();
    }

    /** Returns the newest log file, with its place. */
    public String text() {
        Path newest = folder.resolve(NAME + ".0.log");
        if (!Files.exists(newest)) {
            return "Nothing has gone wrong since this log began.";
        }
        try {
            return newest + "\n\n" + Files.readString(newest);
        } catch (IOException e) {
            return newest + " can't be read: " + e.getMessage();
        }
    }

    /** Closes the log file. */
    public synchronized void close() {
        handler.ifPresent(Handler::close);
    }
}
