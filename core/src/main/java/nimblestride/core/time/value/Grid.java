package nimblestride.core.time.value;

import java.util.Arrays;
import java.util.Collection;
import nimblestride.core.foundation.failure.InvalidValueException;

/**
 * The longest unit that measures each of several lengths. On a grid, musical time is counted in whole units, so
 * questions of realignment become questions about whole numbers.
 */
public record Grid(NoteValue unit) {
    /**
     * Returns the grid of several lengths.
     *
     * @param lengths at least one of them longer than zero
     */
    public static Grid of(Collection<NoteValue> lengths) {
        NoteValue unit = lengths.stream()
                .filter(length -> !length.isZero())
                .reduce(NoteValue::greatestCommonDivisor)
                .orElseThrow(() -> new InvalidValueException("a grid needs a length longer than zero"));
        return new Grid(unit);
    }

    /**
     * Returns the grid of several lengths.
     *
     * @param lengths at least one of them longer than zero
     */
    public static Grid of(NoteValue... lengths) {
        return of(Arrays.asList(lengths));
    }

    /** Returns the coarsest grid that holds the units of this grid and of another. */
    public Grid and(Grid other) {
        return new Grid(unit.greatestCommonDivisor(other.unit));
    }

    /**
     * Returns how many units a length has.
     *
     * @throws InvalidValueException if the length does not lie on this grid
     */
    public long count(NoteValue length) {
        if (!length.isMultipleOf(unit)) {
            throw new InvalidValueException(length + " is not a whole number of " + unit);
        }
        return length.wholePartsOf(unit);
    }

    /**
     * Returns the length of a number of units.
     *
     * @param units zero or more
     */
    public NoteValue value(long units) {
        return unit.times(units);
    }
}
