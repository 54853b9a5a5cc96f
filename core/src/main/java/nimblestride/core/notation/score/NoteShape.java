package nimblestride.core.notation.score;

import java.util.Optional;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.time.value.NoteValue;

/**
 * The look of a note or rest, which shows its value: a whole note, a half, and so on down, dotted or not.
 *
 * @param divisor 1 for a whole note, 2 for a half, a power of two up to {@value #MIN_LENGTH}
 * @param dots 0, or 1 for half as much again
 */
public record NoteShape(int divisor, int dots) {
    /** The divisor of the shortest note that music fonts have flags for (SMuFL: {@code flag1024thUp}). */
    public static final int MIN_LENGTH = 1_024;

    /** A whole note. */
    public static final NoteShape WHOLE = new NoteShape(1, 0);
    /** A quarter note. */
    public static final NoteShape QUARTER = new NoteShape(4, 0);

    private static final int EIGHTH = 8;

    /**
     * @throws nimblestride.core.foundation.failure.InvalidValueException if the divisor is no power of two in range,
     *     or there are too many dots
     */
    public NoteShape {
        if (divisor < 1 || divisor > MIN_LENGTH || Integer.bitCount(divisor) != 1) {
            throw new InvalidValueException(
                    "a note is a whole, half, quarter, and so on to 1/" + MIN_LENGTH + ", not 1/" + divisor);
        }
        if (dots < 0 || dots > 1) {
            throw new InvalidValueException("a note has one dot or none, not " + dots);
        }
    }

    /** Returns the shape of a value; empty where no single note, dotted or not, has it. */
    public static Optional<NoteShape> of(NoteValue value) {
        if (value.isZero()) {
            return Optional.empty();
        }
        boolean dotted = value.numerator() == 3;
        if (!dotted && value.numerator() != 1) {
            return Optional.empty();
        }
        long divisor = value.denominator();
        if (dotted) {
            divisor = divisor % 2 == 0 ? divisor / 2 : 0;
        }
        return divisor < 1 || divisor > MIN_LENGTH || Long.bitCount(divisor) != 1
                ? Optional.empty()
                : Optional.of(new NoteShape((int) divisor, dotted ? 1 : 0));
    }

    /** Returns how long it lasts outside any tuplet. */
    public NoteValue value() {
        return dots == 1 ? NoteValue.of(3, 2L * divisor) : NoteValue.of(1, divisor);
    }

    /** Returns how many flags or beams it has. */
    public int flags() {
        return divisor < EIGHTH ? 0 : Integer.numberOfTrailingZeros(divisor) - 2;
    }

    /** Returns whether it has a stem. */
    public boolean hasStem() {
        return divisor > 1;
    }
}
