package nimblestride.core.notation.score;

import java.util.Optional;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.time.value.NoteValue;

/**
 * A number of notes in the time of another number of the same shape: 3 in the time of 2 eighths.
 *
 * @param actual notes that are written, two or more
 * @param normal in the time of how many
 * @param unit note both are counted in
 */
public record Tuplet(int actual, int normal, NoteShape unit) {
    private static final int MAX = 99;

    /** @throws nimblestride.core.foundation.failure.InvalidValueException if a number is out of range */
    public Tuplet {
        if (actual < 2 || normal < 1) {
            throw new InvalidValueException("a tuplet puts 2 or more notes in the time of 1 or more, not " + actual
                    + " in the time of " + normal);
        }
    }

    /**
     * Returns the default tuplet (common practice): a larger number in the time of the next smaller power of two, such
     * as five to seven in the time of four, and nine in the time of eight.
     */
    public static Tuplet usual(int actual, NoteShape unit) {
        return new Tuplet(actual, usualNormal(actual), unit);
    }

    /**
     * Returns the default tuplet in which a value is a single note; empty for none. A twentieth is a sixteenth of five
     * in the time of four.
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

    /** Returns whether a number alone shows it: the default time, in undotted notes. */
    public boolean isUsual() {
        return unit.dots() == 0 && normal == usualNormal(actual);
    }

    /** Returns how long a written value lasts within it. */
    public NoteValue sounding(NoteValue written) {
        return written.times(normal).dividedBy(actual);
    }

    /** Returns the written value of a length within it. */
    public NoteValue written(NoteValue sounding) {
        return sounding.times(actual).dividedBy(normal);
    }

    /** Returns {@code 3}, or where that is not enough {@code 5:6}. */
    public String number() {
        return isUsual() ? Integer.toString(actual) : actual + ":" + normal;
    }
}
