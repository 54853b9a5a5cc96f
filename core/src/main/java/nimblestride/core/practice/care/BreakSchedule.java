package nimblestride.core.practice.care;

import nimblestride.core.foundation.failure.InvalidValueException;

/**
 * When to remind the player of a break.
 *
 * @param minutes of playing between breaks, from 5 to {@value #MAX}; 0 for never
 */
public record BreakSchedule(int minutes) {
    /** The longest time between breaks, in minutes. */
    public static final int MAX = 180;
    /** Never. */
    public static final BreakSchedule NEVER = new BreakSchedule(0);
    /** Every half hour (common practice). */
    public static final BreakSchedule DEFAULT = new BreakSchedule(30);

    /** @throws nimblestride.core.foundation.failure.InvalidValueException if the minutes are out of range */
    public BreakSchedule {
        if (minutes != 0 && (minutes < 5 || minutes > MAX)) {
            throw new InvalidValueException(
                    "take a break after 5 to " + MAX + " minutes of playing, or 0 for never, not " + minutes);
        }
    }

    /** Returns whether a break comes due between two moments, in seconds of playing altogether. */
    public boolean isDue(long before, long now) {
        return minutes > 0 && now / (minutes * 60L) > before / (minutes * 60L);
    }
}
