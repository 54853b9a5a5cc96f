package nimblestride.sound.render;

import nimblestride.core.foundation.failure.InvalidValueException;

/**
 * Bars that repeat.
 *
 * @param from first bar, from 0
 * @param to bar after the last
 */
public record Loop(int from, int to) {
    public Loop {
        if (from < 0 || to <= from) {
            throw new InvalidValueException("a loop needs at least one bar, not " + from + " to " + to);
        }
    }
}
