package nimblestride.core.language.text;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.layer.modulation.Pivot;
import nimblestride.core.time.value.NoteValue;

/**
 * Reads and prints pivots: {@code dotted quarter = half}, {@code 4 quintuplet sixteenths = quarter}, {@code 3/16 =
 * 1/4}, or as a regrouping, {@code 5 in groups of 4}.
 */
public final class PivotText {
    private static final String EXAMPLES = "For example: dotted quarter = half, or 3/16 = 1/4, or 5 in groups of 4";
    private static final Pattern REGROUPING =
            Pattern.compile("\\s*(\\d{1,4})(?:\\s+a\\s+beat)?\\s+in\\s+(?:groups\\s+of\\s+)?(\\d{1,4})s?\\s*");

    private PivotText() {}

    /**
     * Reads a pivot.
     *
     * @throws TextException at the first place that can't be read
     */
    public static Pivot read(String text) {
        Matcher regrouping = REGROUPING.matcher(text);
        if (regrouping.matches()) {
            return made(
                    text,
                    () -> Pivot.regrouping(
                            Integer.parseInt(regrouping.group(1)), Integer.parseInt(regrouping.group(2))));
        }
        int equals = text.indexOf('=');
        if (equals < 0) {
            throw new TextException(text, text.length(), text.length(), "expected = and the new value. " + EXAMPLES);
        }
        NoteValue old = ValueText.read(text, 0, equals);
        NoteValue now = ValueText.read(text, equals + 1, text.length());
        return made(text, () -> new Pivot(old, now));
    }

    private interface Making {
        Pivot make();
    }

    private static Pivot made(String text, Making making) {
        try {
            return making.make();
        } catch (StrideException e) {
            throw new TextException(text, 0, text.length(), e.getMessage() + ". " + EXAMPLES);
        }
    }

    /** Prints a pivot as a user would type it. */
    public static String write(Pivot pivot) {
        return pivot.toString();
    }
}
