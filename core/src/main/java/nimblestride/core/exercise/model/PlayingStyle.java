package nimblestride.core.exercise.model;

import java.util.OptionalInt;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.kit.sticking.LeadHand;

/**
 * How an exercise is meant to be played.
 *
 * @param lead which hand leads
 * @param linear whether no two limbs are meant to strike at once
 * @param mostStrokes how many strokes a second a limb is to be asked for at the most, from 1 to {@value #FASTEST}, if that
 *     is set
 */
public record PlayingStyle(LeadHand lead, boolean linear, OptionalInt mostStrokes) {
    public static final int FASTEST = 40;

    /** The right hand leads, limbs may strike together, and nothing is too fast. */
    public static final PlayingStyle USUAL = new PlayingStyle(LeadHand.RIGHT, false, OptionalInt.empty());

    public PlayingStyle {
        if (mostStrokes.isPresent() && (mostStrokes.getAsInt() < 1 || mostStrokes.getAsInt() > FASTEST)) {
            throw new InvalidValueException(
                    "a limb plays from 1 to " + FASTEST + " strokes a second, not " + mostStrokes.getAsInt());
        }
    }

    public PlayingStyle ledBy(LeadHand newLead) {
        return new PlayingStyle(newLead, linear, mostStrokes);
    }

    public PlayingStyle linear(boolean newLinear) {
        return new PlayingStyle(lead, newLinear, mostStrokes);
    }

    public PlayingStyle withMostStrokes(OptionalInt newMost) {
        return new PlayingStyle(lead, linear, newMost);
    }
}
