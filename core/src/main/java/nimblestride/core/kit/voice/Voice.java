package nimblestride.core.kit.voice;

import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.foundation.words.PlainText;

/**
 * A sound of the kit.
 *
 * @param name as a drummer says it, in small letters
 * @param midiKey in the General MIDI 1 percussion map, from {@value #MIN_KEY} to {@value #MAX_KEY}
 * @param limb that plays it when the right hand leads
 * @param staffPlace 0 for the middle line, 1 for the space above it, from {@value #MIN_PLACE} to {@value #MAX_PLACE}
 * @param head how its notes look
 */
public record Voice(String name, int midiKey, Limb limb, int staffPlace, NoteheadShape head) {
    /** The lowest key. */
    public static final int MIN_KEY = 35;
    /** The highest key. */
    public static final int MAX_KEY = 81;
    /** The lowest place on the staff. */
    public static final int MIN_PLACE = -8;
    /** The highest place on the staff. */
    public static final int MAX_PLACE = 9;

    /** @throws InvalidValueException if the name is blank, or a number is out of range */
    public Voice {
        if (name.isBlank()) {
            throw new InvalidValueException("a voice needs a name, such as snare");
        }
        name = PlainText.of(name);
        if (midiKey < MIN_KEY || midiKey > MAX_KEY) {
            throw new InvalidValueException(
                    "General MIDI percussion uses keys " + MIN_KEY + " to " + MAX_KEY + ", not " + midiKey);
        }
        if (staffPlace < MIN_PLACE || staffPlace > MAX_PLACE) {
            throw new InvalidValueException("a voice sits " + MIN_PLACE + " to " + MAX_PLACE
                    + " places above the middle line, not " + staffPlace);
        }
    }

    /**
     * Returns the place of a voice without one of its own: with the snare for a hand, with the bass drum for a foot.
     */
    public static int usualPlace(Limb limb) {
        return limb.isHand() ? 1 : -3;
    }

    @Override
    public String toString() {
        return name;
    }
}
