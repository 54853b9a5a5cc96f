package nimblestride.core.language.text;

import java.util.Locale;
import nimblestride.core.foundation.failure.StrideException;

/** Says which part of a typed text the program can't read or can't use, and what would work. */
public final class TextException extends StrideException {
    private static final long serialVersionUID = 1L;

    private static final int MAX_SHOWN = 40;

    private final int from;
    private final int to;
    private final String description;

    private TextException(int from, int to, String description) {
        super("column " + (from + 1) + ": " + description);
        this.from = from;
        this.to = to;
        this.description = description;
    }

    /**
     * Reports text that makes no sense.
     *
     * @param text all that was typed
     * @param from where it stops making sense, from 0
     * @param to end of what was read there; equal to {@code from} where the text ends too soon
     * @param hint what would work, with an example: {@code a comma and another bar. For example: 7/8, 5/8}
     */
    static TextException unreadable(String text, int from, int to, String hint) {
        String problem;
        if (from < text.length()) {
            problem = "I can't read " + quoted(text, from, to);
        } else {
            problem = text.isBlank() ? "Nothing typed yet" : "Something is missing at the end";
        }
        return new TextException(from, to, problem + ". Try " + hint);
    }

    /**
     * Reports text that makes sense, but stands for a value out of range.
     *
     * @param text all that was typed
     * @param from start of the part that was refused, from 0
     * @param to its end
     * @param reason why, and what would work
     */
    static TextException refused(String text, int from, int to, String reason) {
        String description = from < text.length()
                ? "I can't use " + quoted(text, from, to) + ": " + reason
                : reason.substring(0, 1).toUpperCase(Locale.ROOT) + reason.substring(1);
        return new TextException(from, to, description);
    }

    private static String quoted(String text, int from, int to) {
        String read = text.substring(from, Math.max(from + 1, Math.min(to, from + MAX_SHOWN)));
        return "\"" + read + (to - from > MAX_SHOWN ? "…" : "") + "\"";
    }

    /** Returns where the text stops making sense, from 0. */
    public int from() {
        return from;
    }

    /** Returns the end of what was read there. */
    public int to() {
        return to;
    }

    /** Returns the message without the column, to show where the place itself is marked. */
    public String description() {
        return description;
    }
}
