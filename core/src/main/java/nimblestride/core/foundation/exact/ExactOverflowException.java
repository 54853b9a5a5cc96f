package nimblestride.core.foundation.exact;

import nimblestride.core.foundation.failure.StrideException;

/**
 * An exact result does not fit the numbers it would have to be kept in. It is thrown in place of a wrong answer.
 */
public final class ExactOverflowException extends StrideException {
    private static final long serialVersionUID = 1L;

    public ExactOverflowException(String message) {
        super(message);
    }
}
