package nimblestride.core.exercise.model;

import java.util.OptionalInt;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.kit.sticking.LeadHand;

/**
 * How an exercise is meant to be played.
 *
 * @param lead which hand leads
 * @param linear whether no two limbs are meant to strike at once
 * @param maxStrokesPerSecond how many strokes a second a limb is to be asked for at the most, from 1 to {@value #MAX_STROKES_PER_SECOND}, if that
 *     is set
 */
public record PlayingStyle(LeadHand lead, boolean linear, OptionalInt maxStrokesPerSecond) {
    public static final int MAX_STROKES_PER_SECOND = 40;

    /** The right hand leads, limbs may strike together, and nothing is too fast. */
    public static final PlayingStyle DEFAULT = new PlayingStyle(LeadHand.RIGHT, false, OptionalInt.empty());

    public PlayingStyle {
        if (maxStrokesPerSecond.isPresent()
                && (maxStrokesPerSecond.getAsInt() < 1 || maxStrokesPerSecond.getAsInt() > MAX_STROKES_PER_SECOND)) {
            throw new InvalidValueException("a limb plays from 1 to " + MAX_STROKES_PER_SECOND
                    + " strokes a second, not " + maxStrokesPerSecond.getAsInt());
        }
    }

    public PlayingStyle withLead(LeadHand newLead) {
        return new PlayingStyle(newLead, linear, maxStrokesPerSecond);
    }

    public PlayingStyle linear(boolean newLinear) {
        return new PlayingStyle(lead, newLinear, maxStrokesPerSecond);
    }

    public PlayingStyle withMaxStrokesPerSecond(OptionalInt newMost) {
        return new PlayingStyle(lead, linear, newMost);
    }
}
