package nimblestride.core.language.text;

import java.util.function.Supplier;
import nimblestride.core.foundation.failure.StrideException;

/** A position in typed text that moves on while the text is read. */
final class TextCursor {
    private final String text;
    private int at;

    TextCursor(String text) {
        this.text = text;
    }

    int at() {
        return at;
    }

    void skipSpaces() {
        while (at < text.length() && Character.isWhitespace(text.charAt(at))) {
            at++;
        }
    }

    boolean atEnd() {
        skipSpaces();
        return at == text.length();
    }

    boolean startsWith(char sign) {
        skipSpaces();
        return at < text.length() && text.charAt(at) == sign;
    }

    boolean startsWithDigit() {
        skipSpaces();
        return at < text.length() && text.charAt(at) >= '0' && text.charAt(at) <= '9';
    }

    boolean take(char sign) {
        if (startsWith(sign)) {
            at++;
            return true;
        }
        return false;
    }

    void expect(char sign, String expected) {
        if (!take(sign)) {
            throw here(expected);
        }
    }

    int number(String expected) {
        if (!startsWithDigit()) {
            throw here(expected);
        }
        int start = at;
        while (at < text.length() && text.charAt(at) >= '0' && text.charAt(at) <= '9') {
            at++;
        }
        try {
            return Integer.parseInt(text.substring(start, at));
        } catch (NumberFormatException e) {
            throw new TextException(text, start, at, "that number is too large to work with; " + expected);
        }
    }

    /** Returns an error about the word or sign at the cursor. */
    TextException here(String expected) {
        skipSpaces();
        int end = at;
        while (end < text.length()
                && !Character.isWhitespace(text.charAt(end))
                && ",[]()".indexOf(text.charAt(end)) < 0) {
            end++;
        }
        return new TextException(text, at, Math.max(end, Math.min(at + 1, text.length())), expected);
    }

    /** Makes a value, and turns its refusal into an error about the text since {@code start}. */
    <T> T make(int start, Supplier<T> value, String example) {
        try {
            return value.get();
        } catch (TextException e) {
            throw e;
        } catch (StrideException e) {
            throw new TextException(text, start, at, e.getMessage() + ". For example: " + example);
        }
    }
}
