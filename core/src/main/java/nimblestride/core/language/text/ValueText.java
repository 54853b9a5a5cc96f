package nimblestride.core.language.text;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nimblestride.core.time.value.NoteName;
import nimblestride.core.time.value.NoteValue;

/** Reads note values: {@code 3/16}, {@code 2}, {@code dotted eighth}, {@code 4 triplet eighths}. */
public final class ValueText {
    private static final Pattern FRACTION = Pattern.compile("(\\d+)(?:\\s*/\\s*(\\d+))?");
    private static final Pattern COUNTED = Pattern.compile("(\\d{1,9})\\s+(\\D.*)");
    private static final String EXAMPLES = "For example: 3/16, or dotted eighth, or 4 triplet eighths";

    private ValueText() {}

    /**
     * Reads a value.
     *
     * @throws TextException if the text is no note value
     */
    public static NoteValue read(String text) {
        return read(new TextCursor(text));
    }

    /** Reads part of a longer text, so that an error points into it. */
    static NoteValue read(TextCursor part) {
        TextCursor word = part.stripped();
        try {
            return word.make(() -> recognize(word.content()), ". " + EXAMPLES)
                    .orElseThrow(() -> word.error("a note value. " + EXAMPLES));
        } catch (NumberFormatException e) {
            throw word.error("a smaller number. " + EXAMPLES);
        }
    }

    private static Optional<NoteValue> recognize(String word) {
        Matcher fraction = FRACTION.matcher(word);
        if (fraction.matches()) {
            long numerator = Long.parseLong(fraction.group(1));
            return Optional.of(
                    NoteValue.of(numerator, fraction.group(2) == null ? 1 : Long.parseLong(fraction.group(2))));
        }
        Matcher counted = COUNTED.matcher(word);
        if (counted.matches()) {
            return NoteName.read(counted.group(2)).map(one -> one.times(Long.parseLong(counted.group(1))));
        }
        return NoteName.read(word);
    }
}
