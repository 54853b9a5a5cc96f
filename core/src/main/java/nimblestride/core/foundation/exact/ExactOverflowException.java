package nimblestride.core.foundation.exact;

import nimblestride.core.foundation.failure.StrideException;

/** Says that an exact result does not fit its type. The program throws it in place of a wrong answer. */
public final class ExactOverflowException extends StrideException {
    private static final long serialVersionUID = 1L;

    /** @param message what was too large, in words for the user */
    public ExactOverflowException(String message) {
        super(message);
    }
}
