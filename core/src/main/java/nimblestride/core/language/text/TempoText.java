package nimblestride.core.language.text;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.time.value.Tempo;
import org.apache.commons.numbers.fraction.BigFraction;

/** Reads and prints tempos: {@code 96}, {@code 96.5}, {@code 289/3}, {@code 1/8=210}, {@code dotted quarter = 84}. */
public final class TempoText {
    private static final String EXAMPLES = "For example: 96, or 1/8=210";
    private static final Pattern DECIMAL = Pattern.compile("\\d{1,9}(?:\\.\\d{1,9})?|\\.\\d{1,9}");
    private static final Pattern FRACTION = Pattern.compile("(\\d{1,18})\\s*/\\s*(0*[1-9]\\d{0,17})");

    private TempoText() {}

    /**
     * Reads a tempo; a bare number counts quarters.
     *
     * @throws TextException as {@link #read(String, NoteValue)} does
     */
    public static Tempo read(String text) {
        return read(text, NoteValue.QUARTER);
    }

    /**
     * Reads a tempo.
     *
     * @param alone beat that a bare number counts
     * @throws TextException if the text is no tempo, or out of the range of {@link Tempo}
     */
    public static Tempo read(String text, NoteValue alone) {
        return read(new TextCursor(text), alone);
    }

    /** Reads part of a longer text, so that an error points into it. */
    static Tempo read(TextCursor part, NoteValue alone) {
        Optional<TextCursor> sign = part.find("=", part.start());
        NoteValue beat = sign.map(found -> ValueText.read(part.part(part.start(), found.start())))
                .orElse(alone);
        TextCursor number = part.part(sign.map(TextCursor::end).orElse(part.start()), part.end())
                .stripped();
        try {
            return number.make(() -> new Tempo(beat, number(number.content())), ". " + EXAMPLES);
        } catch (NumberFormatException e) {
            throw number.error("a tempo in BPM. " + EXAMPLES);
        }
    }

    /** Prints a number of beats per minute: as a decimal where that is exact and short, otherwise as a fraction. */
    public static String written(BigFraction perMinute) {
        String decimal = Tempo.decimal(perMinute);
        return number(decimal).equals(perMinute)
                ? decimal
                : perMinute.getNumerator() + "/" + perMinute.getDenominator();
    }

    private static BigFraction number(String text) {
        if (DECIMAL.matcher(text).matches()) {
            BigDecimal decimal = new BigDecimal(text);
            return BigFraction.of(decimal.unscaledValue(), BigInteger.TEN.pow(decimal.scale()));
        }
        Matcher fraction = FRACTION.matcher(text);
        if (fraction.matches()) {
            return BigFraction.of(new BigInteger(fraction.group(1)), new BigInteger(fraction.group(2)));
        }
        throw new NumberFormatException(text);
    }

    /** Prints a tempo as a user would type it. */
    public static String write(Tempo tempo) {
        return tempo.toString();
    }
}
