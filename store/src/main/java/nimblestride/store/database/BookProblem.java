package nimblestride.store.database;

import java.io.IOException;

/** A Book that cannot be opened, read or written; its message tells the user what is wrong and what to do. */
public final class BookProblem extends IOException {
    private static final long serialVersionUID = 1L;

    public BookProblem(String message, Throwable cause) {
        super(message, cause);
    }

    public BookProblem(String message) {
        super(message);
    }

    /** What went wrong, as the user needs to know it. */
    static BookProblem of(Throwable problem, String file) {
        String said = deepest(problem);
        if (said.contains("SQLITE_FULL")) {
            return new BookProblem(
                    "The disk is full: nothing was changed in the Book. Make room and try again.", problem);
        }
        if (said.contains("SQLITE_READONLY") || said.contains("SQLITE_CANTOPEN") || said.contains("SQLITE_PERM")) {
            return new BookProblem(
                    "The Book " + file + " cannot be written; it was not changed. Is it, or its folder,"
                            + " write-protected or taken away?",
                    problem);
        }
        if (said.contains("SQLITE_BUSY") || said.contains("SQLITE_LOCKED")) {
            return new BookProblem(
                    "Another program is writing in the Book just now; nothing was changed. Try again in a moment.",
                    problem);
        }
        if (said.contains("SQLITE_CORRUPT") || said.contains("SQLITE_NOTADB")) {
            return new BookProblem(
                    "The Book " + file + " is damaged. It was not changed; a backup can be restored.", problem);
        }
        if (said.contains("SQLITE_IOERR")) {
            return new BookProblem(
                    "The disk with the Book " + file + " does not answer; nothing was changed.", problem);
        }
        return new BookProblem("The Book could not do this, and was not changed: " + said, problem);
    }

    private static String deepest(Throwable problem) {
        Throwable last = problem;
        while (last.getCause() != null && last.getCause() != last) {
            last = last.getCause();
        }
        return String.valueOf(last.getMessage());
    }
}
