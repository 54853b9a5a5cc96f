package nimblestride.core.language.text;

import java.util.Optional;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import nimblestride.core.time.meter.FillCheck;
import nimblestride.core.time.value.NoteValue;

/**
 * Reads the length of a pattern: {@code 14 x 1/16}, or the pattern itself as cells ({@code 5+5+3+3 of 1/16}), as signs
 * ({@code x..x..x. of 1/16}), or as a sticking ({@code R L R R L R L L of 1/16}).
 */
public final class PatternLengthText {
    private static final Pattern COUNTED = Pattern.compile("\\s*(\\d{1,9})\\s*[xX×*]\\s*(\\S.*)");
    private static final Pattern MADE_OF = Pattern.compile("(.*) of (.*)", Pattern.DOTALL);
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
        TextCursor whole = new TextCursor(text);
        Optional<MatchResult> counted = whole.match(COUNTED);
        if (counted.isPresent()) {
            NoteValue unit = ValueText.read(whole.group(counted.get(), 2));
            return check(whole, Long.parseLong(counted.get().group(1)), unit, named);
        }
        MatchResult made = whole.match(MADE_OF)
                .orElseThrow(() -> whole.error("a number of units, x, and their value; or a pattern. " + EXAMPLES));
        NoteValue unit = ValueText.read(whole.group(made, 2));
        return check(whole, count(whole.group(made, 1)), unit, named);
    }

    private static FillCheck check(TextCursor whole, long count, NoteValue unit, NoteValue named) {
        return whole.make(() -> new FillCheck(count, unit, named), ". For example: 14 x 1/16");
    }

    /** Returns how many units a pattern of cells, signs, or strokes has. */
    private static long count(TextCursor pattern) {
        if (pattern.isBlank()) {
            throw pattern.error("a pattern. " + EXAMPLES);
        }
        if (pattern.match(CELLS).isPresent()) {
            NoteValue whole = NoteValue.WHOLE;
            return GapsText.read(pattern.content() + " of 1").stream()
                    .mapToLong(cell -> cell.wholePartsOf(whole))
                    .sum();
        }
        return pattern.match(SIGNS).isPresent()
                ? pattern.content().replaceAll("\\s", "").length()
                : StickingText.read(pattern).length();
    }
}
