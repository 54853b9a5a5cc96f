package nimblestride.core.time.meter;

import java.util.List;
import java.util.stream.Collectors;
import nimblestride.core.foundation.failure.InvalidValueException;

/**
 * The strides of a bar: whole numbers of its unit.
 *
 * @param sizes each one or more
 */
public record Grouping(List<Integer> sizes) {
    public Grouping {
        sizes = List.copyOf(sizes);
        if (sizes.isEmpty() || sizes.stream().anyMatch(size -> size < 1)) {
            throw new InvalidValueException("every group holds 1 unit or more, as in 3+3+2");
        }
    }

    public static Grouping of(Integer... sizes) {
        return new Grouping(List.of(sizes));
    }

    /** All groups together, in units. */
    public long units() {
        return sizes.stream().mapToLong(Integer::longValue).sum();
    }

    /** {@code 3+3+2}. */
    @Override
    public String toString() {
        return sizes.stream().map(String::valueOf).collect(Collectors.joining("+"));
    }
}
