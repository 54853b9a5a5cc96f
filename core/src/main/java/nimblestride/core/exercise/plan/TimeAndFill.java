package nimblestride.core.exercise.plan;

import nimblestride.core.foundation.failure.InvalidValueException;

/**
 * How time and fill alternate: rounds of a plain beat, then rounds of what is practiced.
 *
 * @param time rounds of the beat, from 0 to {@value #MAX}
 * @param fill rounds of the fill, to {@value #MAX}; 0 where the player fills at will
 */
public record TimeAndFill(int time, int fill) {
    /** The most rounds. */
    public static final int MAX = 64;

    /** The exercise over and over, with no time between. */
    public static final TimeAndFill NONE = new TimeAndFill(0, 1);

    /** Time throughout; the player fills at will. */
    public static final TimeAndFill FREE = new TimeAndFill(1, 0);

    /** @throws nimblestride.core.foundation.failure.InvalidValueException if a number is out of range */
    public TimeAndFill {
        if (time < 0 || fill < 0 || time > MAX || fill > MAX || time + fill == 0) {
            throw new InvalidValueException(
                    "play 0 to " + MAX + " bars of time and of fill, such as 3+1, not " + time + "+" + fill);
        }
    }

    /** Returns whether a plain beat comes before what is practiced. */
    public boolean hasTime() {
        return time > 0;
    }

    /** Returns whether the player fills at will. */
    public boolean isFree() {
        return fill == 0;
    }

    /** Returns it as a user types it: {@code 3+1}, {@code free}. */
    @Override
    public String toString() {
        return isFree() ? "free" : time + "+" + fill;
    }
}
