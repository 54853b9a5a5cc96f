package nimblestride.terminal;

import nimblestride.core.foundation.failure.StrideException;

/** What was typed in the terminal can't be used. The message names the option, what was read, and what would work. */
final class ArgumentException extends StrideException {
    private static final long serialVersionUID = 1L;

    ArgumentException(String message) {
        super(message);
    }

    ArgumentException(String message, Throwable cause) {
        super(message, cause);
    }
}
