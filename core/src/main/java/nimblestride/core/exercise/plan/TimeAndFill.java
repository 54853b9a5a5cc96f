package nimblestride.core.exercise.plan;

import nimblestride.core.foundation.failure.InvalidValueException;

/**
 * How time and fill take turns: so many rounds of a plain beat over the bars, then so many of what is practised. One and one
 * are bars where the phrase is a bar long.
 *
 * @param time from 0 to {@value #MAX}
 * @param fill from 0, where it is the player's to fill when they like, to {@value #MAX}
 */
public record TimeAndFill(int time, int fill) {
    public static final int MAX = 64;

    /** What is practised again and again, with no time between. */
    public static final TimeAndFill NONE = new TimeAndFill(0, 1);

    /** Time throughout; the fill comes when the player likes. */
    public static final TimeAndFill FREE = new TimeAndFill(1, 0);

    public TimeAndFill {
        if (time < 0 || fill < 0 || time > MAX || fill > MAX || time + fill == 0) {
            throw new InvalidValueException("a frame is from 0 to " + MAX
                    + " rounds of time and as many of fill, as in 3+1, not " + time + "+" + fill);
        }
    }

    /** Whether a plain beat is played before what is practised. */
    public boolean hasTime() {
        return time > 0;
    }

    /** Whether it is left to the player when to fill. */
    public boolean isFree() {
        return fill == 0;
    }

    /** {@code 3+1}, {@code free}. */
    @Override
    public String toString() {
        return isFree() ? "free" : time + "+" + fill;
    }
}
