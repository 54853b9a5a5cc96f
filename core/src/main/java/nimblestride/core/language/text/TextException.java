package nimblestride.core.language.text;

import nimblestride.core.foundation.failure.StrideException;

/** Says that typed text can't be read from some place on. */
public final class TextException extends StrideException {
    private static final long serialVersionUID = 1L;

    private final int from;
    private final int to;

    /**
     * @param text all that was typed
     * @param from where it stops making sense, from 0
     * @param to end of what was read there; equal to {@code from} where the text ends too soon
     * @param expected what would work, with an example
     */
    TextException(String text, int from, int to, String expected) {
        super("column " + (from + 1) + ": " + read(text, from, to) + "; " + expected);
        this.from = from;
        this.to = to;
    }

    private static String read(String text, int from, int to) {
        if (from >= text.length()) {
            return text.isBlank() ? "nothing is typed yet" : "the text ends here";
        }
        String read = text.substring(from, Math.max(from + 1, Math.min(to, from + 40)));
        return "read \"" + read + "\"" + (to - from > 40 ? "…" : "");
    }

    /** Returns where the text stops making sense, from 0. */
    public int from() {
        return from;
    }

    /** Returns the end of what was read there. */
    public int to() {
        return to;
    }
}
