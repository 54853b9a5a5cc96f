package nimblestride.core.foundation.failure;

/**
 * A failure the program can explain. Its message says, in words for the person using the program, what failed and what would
 * work. Catch this type to show the message and continue; let every other exception reach the handler that logs defects.
 */
public abstract class StrideException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    /** @param message what failed and what would work, in words for the user; never null */
    protected StrideException(String message) {
        super(message);
    }

    /**
     * @param message what failed and what would work, in words for the user; never null
     * @param cause for the log
     */
    protected StrideException(String message, Throwable cause) {
        super(message, cause);
    }
}
