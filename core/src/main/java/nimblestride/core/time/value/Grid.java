package nimblestride.core.time.value;

import java.util.Arrays;
import java.util.Collection;
import nimblestride.core.foundation.failure.InvalidValueException;

/**
 * The longest unit of which each of some lengths is a whole number. On a grid, musical time is counted in whole units,
 * and questions of realignment become questions about whole numbers.
 */
public record Grid(NoteValue unit) {
    /** The grid of lengths of which at least one is longer than zero. */
    public static Grid of(Collection<NoteValue> lengths) {
        NoteValue unit = lengths.stream()
                .filter(length -> !length.isZero())
                .reduce(NoteValue::greatestCommonDivisor)
                .orElseThrow(() -> new InvalidValueException("a grid needs a length longer than zero"));
        return new Grid(unit);
    }

    public static Grid of(NoteValue... lengths) {
        return of(Arrays.asList(lengths));
    }

    /** The coarsest grid on which both this grid's and the other's units lie. */
    public Grid and(Grid other) {
        return new Grid(unit.greatestCommonDivisor(other.unit));
    }

    /** @throws InvalidValueException if the length does not lie on this grid */
    public long count(NoteValue length) {
        if (!length.isMultipleOf(unit)) {
            throw new InvalidValueException(length + " is not a whole number of " + unit);
        }
        return length.wholePartsOf(unit);
    }

    public NoteValue value(long units) {
        return unit.times(units);
    }
}
