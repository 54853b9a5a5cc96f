package nimblestride.core.foundation.failure;

/** A value is out of range, or does not fit the values around it. The message gives the value read and the range allowed. */
public final class InvalidValueException extends StrideException {
    private static final long serialVersionUID = 1L;

    /** @param message what was read and what would work, in words for the user */
    public InvalidValueException(String message) {
        super(message);
    }

    /**
     * @param message what was read and what would work, in words for the user
     * @param cause for the log
     */
    public InvalidValueException(String message, Throwable cause) {
        super(message, cause);
    }
}
