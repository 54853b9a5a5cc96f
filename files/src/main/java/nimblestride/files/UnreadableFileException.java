package nimblestride.files;

/** A file that was read holds something else than expected. The message says where, what was read, and what was expected. */
public final class UnreadableFileException extends FileException {
    private static final long serialVersionUID = 1L;

    /** @param message where, what was read, and what was expected, in words for the user */
    public UnreadableFileException(String message) {
        super(message);
    }
}
