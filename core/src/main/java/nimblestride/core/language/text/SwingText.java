package nimblestride.core.language.text;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import nimblestride.core.time.meter.Swing;
import nimblestride.core.time.value.NoteName;
import nimblestride.core.time.value.NoteValue;
import org.apache.commons.numbers.fraction.BigFraction;

/** Reads and prints swing: {@code straight}, {@code eighths 67 %}, {@code sixteenths 3:2}, {@code 58 %}. */
public final class SwingText {
    private static final String STRAIGHT = "straight";
    private static final String EXAMPLE = "For example: eighths 67 %, sixteenths 2:1, or straight";
    private static final Pattern WRITTEN = Pattern.compile(
            "(?:(.*?\\S)\\s+)?(?:(\\d{1,3}(?:\\.\\d{1,6})?)\\s*%?|(\\d{1,4})\\s*[:/]\\s*(\\d{1,4}))\\s*");
    private static final BigFraction HUNDRED = BigFraction.of(100);

    private SwingText() {}

    /**
     * Reads swing; eighths where no note is named.
     *
     * @throws TextException at the first place that can't be read
     */
    public static Swing read(String text) {
        TextCursor whole = new TextCursor(text);
        if (text.strip().equalsIgnoreCase(STRAIGHT)) {
            return Swing.STRAIGHT;
        }
        MatchResult written = new TextCursor(text.strip())
                .match(WRITTEN)
                .orElseThrow(() -> whole.error("a note and the share of the long one. " + EXAMPLE));
        NoteValue value = written.group(1) == null ? Swing.STRAIGHT.value() : value(whole, written.group(1));
        return whole.make(() -> new Swing(value, share(written)), ". " + EXAMPLE);
    }

    private static NoteValue value(TextCursor whole, String name) {
        String singular = name.endsWith("s") ? name.substring(0, name.length() - 1) : name;
        return NoteName.read(singular)
                .or(() -> NoteName.read(name))
                .orElseGet(() -> whole.make(() -> ValueText.read(name), ". " + EXAMPLE));
    }

    private static BigFraction share(MatchResult written) {
        if (written.group(2) != null) {
            BigDecimal percent = new BigDecimal(written.group(2));
            return BigFraction.of(percent.unscaledValue())
                    .divide(BigFraction.of(BigInteger.TEN.pow(percent.scale())))
                    .divide(HUNDRED);
        }
        int first = Integer.parseInt(written.group(3));
        int second = Integer.parseInt(written.group(4));
        return first + second == 0 ? BigFraction.ZERO : BigFraction.of(first, first + second);
    }

    /** Prints swing as a user would type it. */
    public static String write(Swing swing) {
        return swing.toString();
    }
}
