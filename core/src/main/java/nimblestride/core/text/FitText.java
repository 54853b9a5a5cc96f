package nimblestride.core.text;

import java.util.ArrayList;
import java.util.List;
import nimblestride.core.filling.Filling;
import nimblestride.core.value.NoteValue;

/** Cells into a length: {@code 5,3 into 4/4 of 1/16}. */
public final class FitText {
    private static final String EXAMPLE = "For example: 5,3 into 4/4 of 1/16";

    private FitText() {}

    /** @throws TextException at the first place that makes no sense */
    public static Filling read(String text) {
        int into = word(text, "into", 0);
        int of = word(text, "of", into + "into".length());
        List<Integer> sizes = sizes(text.substring(0, into));
        int lengthStart = into + "into".length();
        NoteValue length = length(text, lengthStart, of);
        NoteValue unit = ValueText.read(text, of + "of".length(), text.length());
        if (unit.isZero() || !length.isMultipleOf(unit)) {
            throw new TextException(
                    text, of, text.length(), length + " is no whole number of " + unit + ". " + EXAMPLE);
        }
        long units = length.wholePartsOf(unit);
        if (units > Filling.LONGEST) {
            throw new TextException(
                    text,
                    lengthStart,
                    of,
                    String.format(
                            "at most %,d units can be filled, and this is %,d. %s", Filling.LONGEST, units, EXAMPLE));
        }
        return new Cursor(text).make(0, () -> Filling.of((int) units, sizes), "5,3 into 4/4 of 1/16");
    }

    private static int word(String text, String word, int from) {
        int at = text.indexOf(word, Math.min(from, text.length()));
        if (at < 0) {
            throw new TextException(text, text.length(), text.length(), "expected \"" + word + "\". " + EXAMPLE);
        }
        return at;
    }

    private static List<Integer> sizes(String text) {
        Cursor cursor = new Cursor(text);
        List<Integer> sizes = new ArrayList<>();
        do {
            sizes.add(cursor.number("expected the length of a cell, in units. " + EXAMPLE));
        } while (cursor.take(','));
        if (!cursor.atEnd()) {
            throw cursor.here("expected a comma and another cell, or \"into\". " + EXAMPLE);
        }
        return sizes;
    }

    /** A value, or bars as they are typed. */
    private static NoteValue length(String text, int from, int to) {
        try {
            return BarsText.read(text.substring(from, to)).length();
        } catch (TextException e) {
            return ValueText.read(text, from, to);
        }
    }
}
