package nimblestride.files;

import java.io.IOException;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.FileSystemException;
import java.nio.file.NoSuchFileException;
import java.nio.file.NotDirectoryException;
import java.nio.file.Path;
import java.util.Locale;
import nimblestride.core.foundation.failure.StrideException;

/** A file or folder can't be read or written. The message names it, says what failed, and says what to do. */
public class FileException extends StrideException {
    private static final long serialVersionUID = 1L;

    /** @param message what failed and what to do, in words for the user */
    public FileException(String message) {
        super(message);
    }

    /**
     * @param message what failed and what to do, in words for the user
     * @param cause for the log
     */
    public FileException(String message, Throwable cause) {
        super(message, cause);
    }

    /** Explains why a file could not be read. */
    public static FileException reading(Path file, IOException problem) {
        if (problem instanceof NoSuchFileException) {
            return new FileException("no file " + file + "; check the name and folder", problem);
        }
        if (problem instanceof AccessDeniedException) {
            return new FileException("you don't have permission to read " + file, problem);
        }
        return new FileException(file + " can't be read: " + reason(problem), problem);
    }

    /** Explains why a file could not be written. What was there before is untouched. */
    public static FileException writing(Path file, IOException problem) {
        if (problem instanceof NoSuchFileException || problem instanceof NotDirectoryException) {
            return new FileException(
                    "no folder " + file.toAbsolutePath().getParent() + "; create it first, or choose another", problem);
        }
        if (problem instanceof AccessDeniedException) {
            return new FileException(
                    "you don't have permission to write " + file + "; choose another folder or name", problem);
        }
        if (problem instanceof FileAlreadyExistsException) {
            return new FileException(file + " already exists; choose another name", problem);
        }
        String reason = reason(problem);
        String small = reason.toLowerCase(Locale.ROOT);
        if (small.contains("no space left") || small.contains("not enough space") || small.contains("quota")) {
            return new FileException(
                    "the disk is full, so " + file + " was not written; free some space and try again", problem);
        }
        if (small.contains("read-only")) {
            return new FileException(file + " is on a read-only disk; choose another folder", problem);
        }
        if (small.contains("name too long")) {
            return new FileException("the name of " + file + " is too long; choose a shorter one", problem);
        }
        return new FileException(file + " can't be written: " + reason, problem);
    }

    /** Returns the system's own reason, without the path that its message begins with. */
    private static String reason(IOException problem) {
        if (problem instanceof FileSystemException system && system.getReason() != null) {
            return system.getReason();
        }
        String message = problem.getMessage();
        return problem instanceof FileSystemException || message == null || message.isBlank()
                ? "the system gives no reason (" + problem.getClass().getSimpleName() + ")"
                : message;
    }
}
