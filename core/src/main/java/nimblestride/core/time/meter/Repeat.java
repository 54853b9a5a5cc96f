package nimblestride.core.time.meter;

import java.util.List;
import nimblestride.core.foundation.failure.InvalidValueException;

/**
 * Parts played several times: {@code 11/8 x2}, {@code [7/16, 5/8] x3}.
 *
 * @param parts at least one
 * @param times two or more
 */
public record Repeat(List<PhrasePart> parts, int times) implements PhrasePart {
    /** @throws InvalidValueException if there is no part, or {@code times} is less than two */
    public Repeat {
        parts = List.copyOf(parts);
        if (parts.isEmpty()) {
            throw new InvalidValueException("put at least one bar between the brackets");
        }
        if (times < 2) {
            throw new InvalidValueException("repeat 2 or more times, not " + times);
        }
    }
}
