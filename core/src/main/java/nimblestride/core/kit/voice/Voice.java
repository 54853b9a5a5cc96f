package nimblestride.core.kit.voice;

import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.foundation.words.PlainText;

/**
 * A sound of the kit.
 *
 * @param name as a drummer says it, in small letters
 * @param midiKey its key in the General MIDI 1 percussion map, {@value #LOWEST_KEY} to {@value #HIGHEST_KEY}
 * @param limb what plays it when the right hand leads
 * @param staffPlace its place on the staff: 0 is the middle line, 1 the space above it, {@value #LOWEST_PLACE} to
 *     {@value #HIGHEST_PLACE}
 * @param head how its notes look
 */
public record Voice(String name, int midiKey, Limb limb, int staffPlace, NoteheadShape head) {
    public static final int LOWEST_KEY = 35;
    public static final int HIGHEST_KEY = 81;
    public static final int LOWEST_PLACE = -8;
    public static final int HIGHEST_PLACE = 9;

    public Voice {
        if (name.isBlank()) {
            throw new InvalidValueException("a voice has a name, such as snare");
        }
        name = PlainText.of(name);
        if (midiKey < LOWEST_KEY || midiKey > HIGHEST_KEY) {
            throw new InvalidValueException("General MIDI 1 gives percussion the keys " + LOWEST_KEY + " to "
                    + HIGHEST_KEY + ", not " + midiKey);
        }
        if (staffPlace < LOWEST_PLACE || staffPlace > HIGHEST_PLACE) {
            throw new InvalidValueException("a voice stands from " + LOWEST_PLACE + " to " + HIGHEST_PLACE
                    + " places above the middle line, not " + staffPlace);
        }
    }

    /** Where a voice of which no place is known stands: with the snare for a hand, with the bass drum for a foot. */
    public static int usualPlace(Limb limb) {
        return limb.isHand() ? 1 : -3;
    }

    @Override
    public String toString() {
        return name;
    }
}
