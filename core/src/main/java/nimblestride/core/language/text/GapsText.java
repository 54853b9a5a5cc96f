package nimblestride.core.language.text;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nimblestride.core.time.value.NoteValue;

/**
 * Reads lengths between accents: {@code 3 3 2 of 1/8} (units; eighths by default) or {@code 3/16 3/16 1/8}. Commas and
 * plus signs may stand between them.
 */
public final class GapsText {
    /** The most lengths. */
    public static final int MAX = 1_024;

    private static final String EXAMPLE = "For example: 3 3 2 of 1/8, or 3/16 3/16 1/8";
    private static final NoteValue EIGHTH = NoteValue.of(1, 8);
    private static final Pattern LENGTH = Pattern.compile("[^\\s,+]+");

    private GapsText() {}

    /**
     * Reads lengths.
     *
     * @throws TextException at the first place that can't be read
     */
    public static List<NoteValue> read(String text) {
        int of = text.indexOf(" of ");
        NoteValue unit = of < 0 ? EIGHTH : ValueText.read(text, of + " of ".length(), text.length());
        List<NoteValue> lengths = new ArrayList<>();
        Matcher matcher = LENGTH.matcher(text).region(0, of < 0 ? text.length() : of);
        while (matcher.find()) {
            lengths.add(length(text, matcher.start(), matcher.end(), unit));
            if (lengths.size() > MAX) {
                throw new TextException(
                        text,
                        matcher.start(),
                        matcher.end(),
                        String.format(Locale.ROOT, "at most %,d lengths are read", MAX));
            }
        }
        if (lengths.isEmpty()) {
            throw new TextException(text, 0, of < 0 ? text.length() : of, "expected lengths. " + EXAMPLE);
        }
        return lengths;
    }

    private static NoteValue length(String text, int from, int to, NoteValue unit) {
        String word = text.substring(from, to);
        if (!word.matches("\\d+(/\\d+)?")) {
            throw new TextException(
                    text, from, to, "expected a length, in units or as a fraction of a whole note. " + EXAMPLE);
        }
        NoteValue read = ValueText.read(text, from, to);
        NoteValue length = word.contains("/")
                ? read
                : new TextCursor(text).make(from, () -> unit.times(read.wholePartsOf(NoteValue.WHOLE)), "3 3 2 of 1/8");
        if (length.isZero()) {
            throw new TextException(text, from, to, "a length is longer than zero. " + EXAMPLE);
        }
        return length;
    }
}
