package nimblestride.store.database;

import java.nio.file.Path;
import java.sql.SQLException;
import nimblestride.core.foundation.failure.StrideException;
import org.sqlite.SQLiteErrorCode;
import org.sqlite.SQLiteException;

/** A Book can't be opened, read, or written. The message says what failed and what to do. */
public final class BookException extends StrideException {
    private static final long serialVersionUID = 1L;

    /**
     * @param message what failed and what to do, in words for the user
     * @param cause for the log
     */
    public BookException(String message, Throwable cause) {
        super(message, cause);
    }

    /** @param message what failed and what to do, in words for the user */
    public BookException(String message) {
        super(message);
    }

    /** Explains an error of the database. Nothing was changed. */
    static BookException of(Throwable problem, Path book) {
        // The lower byte of an extended code is the code it belongs to (SQLite, "Result and Error Codes").
        SQLiteErrorCode code = SQLiteErrorCode.getErrorCode(codeOf(problem) & 0xFF);
        return new BookException(
                switch (code) {
                    case SQLITE_FULL ->
                        "The disk is full, so nothing changed in the Book. Free some space and try again.";
                    case SQLITE_READONLY, SQLITE_CANTOPEN, SQLITE_PERM, SQLITE_AUTH ->
                        "The Book " + book + " can't be written and is unchanged."
                                + " Check that it and its folder exist and that you can write to them.";
                    case SQLITE_BUSY, SQLITE_LOCKED ->
                        "Another window is writing to the Book, so nothing changed. Try again in a moment.";
                    case SQLITE_CORRUPT, SQLITE_NOTADB ->
                        "The Book " + book + " is damaged and unchanged. Restore a backup.";
                    case SQLITE_IOERR -> "The disk with the Book " + book + " doesn't answer, so nothing changed.";
                    case SQLITE_TOOBIG -> "This is too large for the Book; the limit is 1,000 MB.";
                    default ->
                        "The Book " + book + " refused this and is unchanged (" + reason(problem)
                                + "). Restart the program; if it happens again, restore a backup.";
                },
                problem);
    }

    private static int codeOf(Throwable problem) {
        for (Throwable one = problem; one != null; one = one.getCause()) {
            if (one instanceof SQLiteException sqlite) {
                return sqlite.getResultCode().code;
            }
            if (one instanceof SQLException sql && sql.getErrorCode() != 0) {
                return sql.getErrorCode();
            }
        }
        return SQLiteErrorCode.UNKNOWN_ERROR.code;
    }

    private static String reason(Throwable problem) {
        Throwable last = problem;
        while (last.getCause() != null && last.getCause() != last) {
            last = last.getCause();
        }
        return String.valueOf(last.getMessage()).replaceFirst("^\\[SQLITE_\\w+]\\s*", "");
    }
}
