package nimblestride.core.text;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nimblestride.core.meter.FillCheck;
import nimblestride.core.value.NoteValue;

/** The length of a pattern: {@code 14 x 1/16}. */
public final class PatternLengthText {
    private static final Pattern FORM = Pattern.compile("\\s*(\\d{1,9})\\s*[xX×*]\\s*(\\S.*)");

    private PatternLengthText() {}

    /**
     * Reads a pattern's length, to be held against a bar.
     *
     * @throws TextException if the text is no such length
     */
    public static FillCheck read(String text, NoteValue named) {
        Matcher matcher = FORM.matcher(text);
        if (!matcher.matches()) {
            throw new TextException(
                    text, 0, text.length(), "expected how many units, x, and their value. For example: 14 x 1/16");
        }
        NoteValue unit = ValueText.read(text, matcher.start(2), text.length());
        long count = Long.parseLong(matcher.group(1));
        return new Cursor(text).make(0, () -> new FillCheck(count, unit, named), "14 x 1/16");
    }
}
