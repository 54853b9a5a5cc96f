package nimblestride.core.language.text;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nimblestride.core.time.meter.FillCheck;
import nimblestride.core.time.value.NoteValue;

/**
 * Reads the length of a pattern: {@code 14 x 1/16}, or the pattern itself as cells ({@code 5+5+3+3 of 1/16}), as signs
 * ({@code x..x..x. of 1/16}), or as a sticking ({@code R L R R L R L L of 1/16}).
 */
public final class PatternLengthText {
    private static final Pattern COUNTED = Pattern.compile("\\s*(\\d{1,9})\\s*[xX×*]\\s*(\\S.*)");
    private static final Pattern CELLS = Pattern.compile("[\\d+,\\s]+");
    private static final Pattern SIGNS = Pattern.compile("[xXgG.\\s]+");
    private static final String EXAMPLES = "For example: 14 x 1/16, or 5+5+3+3 of 1/16, or R L R R L R L L of 1/16";

    private PatternLengthText() {}

    /**
     * Reads a pattern's length, to compare with a bar.
     *
     * @throws TextException if the text is no such length
     */
    public static FillCheck read(String text, NoteValue named) {
        Matcher counted = COUNTED.matcher(text);
        if (counted.matches()) {
            NoteValue unit = ValueText.read(text, counted.start(2), text.length());
            long count = Long.parseLong(counted.group(1));
            return new TextCursor(text).make(0, () -> new FillCheck(count, unit, named), "14 x 1/16");
        }
        int of = text.lastIndexOf(" of ");
        if (of < 0) {
            throw new TextException(
                    text, 0, text.length(), "expected how many units, x, and their value, or a pattern. " + EXAMPLES);
        }
        NoteValue unit = ValueText.read(text, of + " of ".length(), text.length());
        long count = count(text, of);
        return new TextCursor(text).make(0, () -> new FillCheck(count, unit, named), "14 x 1/16");
    }

    /** Returns how many units a pattern of cells, signs, or strokes has. */
    private static long count(String text, int end) {
        String pattern = text.substring(0, end);
        if (pattern.isBlank()) {
            throw new TextException(text, 0, end, "expected a pattern. " + EXAMPLES);
        }
        if (CELLS.matcher(pattern).matches()) {
            NoteValue whole = NoteValue.WHOLE;
            return GapsText.read(pattern + " of 1").stream()
                    .mapToLong(cell -> cell.wholePartsOf(whole))
                    .sum();
        }
        return SIGNS.matcher(pattern).matches()
                ? pattern.replaceAll("\\s", "").length()
                : StickingText.read(text, 0, end).length();
    }
}
