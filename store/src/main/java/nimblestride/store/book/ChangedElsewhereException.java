package nimblestride.store.book;

import nimblestride.core.foundation.failure.StrideException;

/** Says that an exercise is no longer as it was read: another window has changed or removed it. */
public final class ChangedElsewhereException extends StrideException {
    private static final long serialVersionUID = 1L;

    ChangedElsewhereException(String message) {
        super(message);
    }
}
