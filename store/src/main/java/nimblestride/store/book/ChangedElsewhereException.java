package nimblestride.store.book;

import nimblestride.core.foundation.failure.StrideException;

/** An exercise that is not as it was when it was read: another window has changed it, or taken it out. */
public final class ChangedElsewhereException extends StrideException {
    private static final long serialVersionUID = 1L;

    ChangedElsewhereException(String message) {
        super(message);
    }
}
