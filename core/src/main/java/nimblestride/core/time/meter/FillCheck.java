package nimblestride.core.time.meter;

import java.util.Optional;
import java.util.OptionalLong;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.time.value.NoteValue;

/**
 * A pattern held against the bar that somebody named for it. The common slip is a pattern of n units under a signature
 * twice, or half, its length.
 *
 * @param count how many units the pattern has, one or more
 * @param unit the value of one
 * @param named the length of the bar or phrase that was named
 */
public record FillCheck(long count, NoteValue unit, NoteValue named) {
    public FillCheck {
        if (count < 1) {
            throw new InvalidValueException("a pattern has 1 unit or more, as in 14 x 1/16");
        }
        if (unit.isZero() || named.isZero()) {
            throw new InvalidValueException("a pattern and a bar last longer than zero");
        }
    }

    public NoteValue length() {
        return unit.times(count);
    }

    public boolean fills() {
        return length().equals(named);
    }

    /** How many times the pattern fills the named bar just once, where a whole number of times does. */
    public OptionalLong timesIntoBar() {
        return named.isMultipleOf(length()) ? OptionalLong.of(named.wholePartsOf(length())) : OptionalLong.empty();
    }

    /** The bar that the pattern does fill; empty where no signature can say it. */
    public Optional<Meter> filled() {
        return Meter.lasting(length());
    }

    /** The value each unit would have to have, if the named bar was right and only the unit was not. */
    public NoteValue unitMeant() {
        return named.dividedBy(count);
    }
}
