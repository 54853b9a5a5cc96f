package nimblestride.core.notation.score;

import nimblestride.core.foundation.failure.StrideException;

/** Says why something can't be written as notes. */
public final class UnwritableException extends StrideException {
    private static final long serialVersionUID = 1L;

    /** @param message what can't be written, in words for the user */
    public UnwritableException(String message) {
        super(message);
    }
}
