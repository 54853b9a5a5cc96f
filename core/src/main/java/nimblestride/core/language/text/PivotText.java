package nimblestride.core.language.text;

import java.util.regex.Pattern;
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
        TextCursor whole = new TextCursor(text);
        return whole.make(
                () -> whole.match(REGROUPING)
                        .map(regrouping -> Pivot.regrouping(
                                Integer.parseInt(regrouping.group(1)), Integer.parseInt(regrouping.group(2))))
                        .orElseGet(() -> equal(whole)),
                ". " + EXAMPLES);
    }

    private static Pivot equal(TextCursor whole) {
        TextCursor sign = whole.find("=", 0)
                .orElseThrow(() -> whole.part(whole.end(), whole.end()).error("= and the new value. " + EXAMPLES));
        NoteValue old = ValueText.read(whole.part(0, sign.start()));
        NoteValue now = ValueText.read(whole.part(sign.end(), whole.end()));
        return new Pivot(old, now);
    }

    /** Prints a pivot as a user would type it. */
    public static String write(Pivot pivot) {
        return pivot.toString();
    }
}
