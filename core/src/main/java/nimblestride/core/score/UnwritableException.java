package nimblestride.core.score;

/** Says why something cannot be written as notes. */
public final class UnwritableException extends IllegalArgumentException {
    private static final long serialVersionUID = 1L;

    public UnwritableException(String message) {
        super(message);
    }
}
