package nimblestride.sound.render;

import nimblestride.core.foundation.failure.InvalidValueException;

/**
 * Bars that are played again and again.
 *
 * @param from the first of them, from 0
 * @param to the one after the last
 */
public record Loop(int from, int to) {
    public Loop {
        if (from < 0 || to <= from) {
            throw new InvalidValueException("a loop plays at least one bar, and not from " + from + " to " + to);
        }
    }
}
