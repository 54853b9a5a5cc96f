package nimblestride.core.time.meter;

import java.util.List;
import java.util.stream.Collectors;
import nimblestride.core.foundation.failure.InvalidValueException;

/**
 * The strides of a bar, in whole numbers of its unit.
 *
 * @param sizes each one or more
 */
public record Grouping(List<Integer> sizes) {
    /** @throws InvalidValueException if there is no group, or one is less than one unit */
    public Grouping {
        sizes = List.copyOf(sizes);
        if (sizes.isEmpty() || sizes.stream().anyMatch(size -> size < 1)) {
            throw new InvalidValueException("every group holds 1 unit or more, as in 3+3+2");
        }
    }

    /**
     * Returns a grouping.
     *
     * @param sizes each one or more
     * @throws InvalidValueException if there is none, or one is less than one
     */
    public static Grouping of(Integer... sizes) {
        return new Grouping(List.of(sizes));
    }

    /** Returns the units of all groups together. */
    public long units() {
        return sizes.stream().mapToLong(Integer::longValue).sum();
    }

    /** Returns the sizes joined by plus signs: {@code 3+3+2}. */
    @Override
    public String toString() {
        return sizes.stream().map(String::valueOf).collect(Collectors.joining("+"));
    }
}
