package nimblestride.core.notation.score;

import java.util.Optional;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.time.value.NoteValue;

/**
 * So many notes in the time of so many others of the same shape: 3 in the time of 2 eighths.
 *
 * @param actual how many are written, two or more
 * @param normal in the time of how many
 * @param unit the note both are counted in
 */
public record Tuplet(int actual, int normal, NoteShape unit) {
    private static final int MAX = 99;

    public Tuplet {
        if (actual < 2 || normal < 1) {
            throw new InvalidValueException("a tuplet is 2 notes or more in the time of 1 or more, not " + actual
                    + " in the time of " + normal);
        }
    }

    /**
     * The usual one (common practice): a power of two is the time in which the next larger number of notes is played,
     * five in the time of four, up to seven and nine in the time of eight.
     */
    public static Tuplet usual(int actual, NoteShape unit) {
        return new Tuplet(actual, usualNormal(actual), unit);
    }

    /**
     * The usual tuplet in which a value is a single note, where it is one in none: a twentieth is a sixteenth of five in the
     * time of four.
     */
    public static Optional<Tuplet> holding(NoteValue value) {
        long odd = value.denominator() >> Long.numberOfTrailingZeros(value.denominator());
        if (odd == 1 || odd > MAX) {
            return Optional.empty();
        }
        Tuplet tuplet = usual((int) odd, NoteShape.QUARTER);
        return NoteShape.of(tuplet.written(value)).map(shape -> usual((int) odd, shape));
    }

    private static int usualNormal(int actual) {
        int power = Integer.highestOneBit(actual);
        return power == actual ? power / 2 : power;
    }

    /** Whether a number alone says what is meant: the usual time, in undotted notes. */
    public boolean isUsual() {
        return unit.dots() == 0 && normal == usualNormal(actual);
    }

    /** What a value lasts within it. */
    public NoteValue sounding(NoteValue written) {
        return written.times(normal).dividedBy(actual);
    }

    /** As what a length within it is written. */
    public NoteValue written(NoteValue sounding) {
        return sounding.times(actual).dividedBy(normal);
    }

    /** {@code 3}, and where that is not enough {@code 5:6}. */
    public String number() {
        return isUsual() ? Integer.toString(actual) : actual + ":" + normal;
    }
}
