package nimblestride.core.foundation.words;

import java.util.Locale;

/** Starts a text with a capital letter. */
public final class Capitalized {
    private Capitalized() {}

    /** Returns the text with its first letter in upper case. */
    public static String of(String text) {
        return text.isEmpty() ? text : text.substring(0, 1).toUpperCase(Locale.ROOT) + text.substring(1);
    }
}
