package nimblestride.core.exercise.model;

import java.util.OptionalInt;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.kit.sticking.LeadHand;

/**
 * How an exercise is meant to be played.
 *
 * @param lead which hand leads
 * @param linear whether no two limbs may play at once
 * @param maxStrokesPerSecond the player's limit for one limb, from 1 to {@value #MAX_STROKES_PER_SECOND}; empty for
 *     none
 */
public record PlayingStyle(LeadHand lead, boolean linear, OptionalInt maxStrokesPerSecond) {
    /** The highest limit, in strokes per second. */
    public static final int MAX_STROKES_PER_SECOND = 40;

    /** The right hand leads, limbs may play at once, and nothing is too fast. */
    public static final PlayingStyle DEFAULT = new PlayingStyle(LeadHand.RIGHT, false, OptionalInt.empty());

    /** @throws InvalidValueException if the limit is out of range */
    public PlayingStyle {
        if (maxStrokesPerSecond.isPresent()
                && (maxStrokesPerSecond.getAsInt() < 1 || maxStrokesPerSecond.getAsInt() > MAX_STROKES_PER_SECOND)) {
            throw new InvalidValueException("set 1 to " + MAX_STROKES_PER_SECOND + " strokes per second, not "
                    + maxStrokesPerSecond.getAsInt());
        }
    }

    /** Returns the style with another lead hand. */
    public PlayingStyle withLead(LeadHand newLead) {
        return new PlayingStyle(newLead, linear, maxStrokesPerSecond);
    }

    /** Returns the style, linear or not. */
    public PlayingStyle linear(boolean newLinear) {
        return new PlayingStyle(lead, newLinear, maxStrokesPerSecond);
    }

    /**
     * Returns the style with another limit.
     *
     * @throws InvalidValueException if it is out of range
     */
    public PlayingStyle withMaxStrokesPerSecond(int newMost) {
        return new PlayingStyle(lead, linear, OptionalInt.of(newMost));
    }

    /** Returns the style without a limit on strokes per second. */
    public PlayingStyle withoutMaxStrokesPerSecond() {
        return new PlayingStyle(lead, linear, OptionalInt.empty());
    }
}
