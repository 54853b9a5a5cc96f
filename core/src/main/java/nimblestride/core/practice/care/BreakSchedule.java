package nimblestride.core.practice.care;

import nimblestride.core.foundation.failure.InvalidValueException;

/**
 * When to be reminded of a rest.
 *
 * @param minutes after how many minutes of playing, from 5 to {@value #MAX}; 0 for never
 */
public record BreakSchedule(int minutes) {
    public static final int MAX = 180;
    public static final BreakSchedule NEVER = new BreakSchedule(0);
    /** Every half hour (common practice). */
    public static final BreakSchedule DEFAULT = new BreakSchedule(30);

    public BreakSchedule {
        if (minutes != 0 && (minutes < 5 || minutes > MAX)) {
            throw new InvalidValueException(
                    "a rest comes after 5 to " + MAX + " minutes of playing, or never with 0, not after " + minutes);
        }
    }

    /** Whether one is due when somebody has played from one moment up to another, in seconds of playing altogether. */
    public boolean isDue(long before, long now) {
        return minutes > 0 && now / (minutes * 60L) > before / (minutes * 60L);
    }
}
