package nimblestride.core.time.meter;

import java.util.Optional;
import java.util.OptionalLong;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.time.value.NoteValue;

/**
 * Compares a pattern with the bar somebody named for it. The common slip (common practice) is a pattern of n units
 * under a signature twice, or half, as long.
 *
 * @param count units in the pattern, one or more
 * @param unit value of one unit
 * @param named length of the bar or phrase that was named
 */
public record FillCheck(long count, NoteValue unit, NoteValue named) {
    /** @throws InvalidValueException if the pattern has no unit, or a unit or the bar has no length */
    public FillCheck {
        if (count < 1) {
            throw new InvalidValueException("a pattern needs at least 1 unit, such as 14 x 1/16");
        }
        if (unit.isZero() || named.isZero()) {
            throw new InvalidValueException("a pattern and a bar must be longer than zero");
        }
    }

    /** Returns the length of the pattern. */
    public NoteValue length() {
        return unit.times(count);
    }

    /** Returns whether the pattern fills the named bar exactly. */
    public boolean fills() {
        return length().equals(named);
    }

    /** Returns how many times the pattern fills the named bar; empty if that is no whole number. */
    public OptionalLong timesIntoBar() {
        return named.isMultipleOf(length()) ? OptionalLong.of(named.wholePartsOf(length())) : OptionalLong.empty();
    }

    /** Returns the meter of the bar the pattern fills; empty if no signature can say it. */
    public Optional<Meter> filled() {
        return Meter.lasting(length());
    }

    /** Returns the value each unit would need for the pattern to fill the named bar. */
    public NoteValue unitMeant() {
        return named.dividedBy(count);
    }
}
