package nimblestride.core.kit.voice;

import java.util.Optional;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.foundation.words.PlainText;

/**
 * A sound of the kit; or a riff, which another player plucks on one pitch and no limb plays.
 *
 * @param name as a drummer says it, in small letters
 * @param midiKey in the General MIDI 1 percussion map, from {@value #MIN_KEY} to {@value #MAX_KEY}; for a riff its
 *     pitch, from {@value #MIN_PITCH} to {@value #MAX_PITCH}, where 60 is middle C
 * @param limb that plays it when the right hand leads; empty for a riff
 * @param staffPlace 0 for the middle line, 1 for the space above it, from {@value #MIN_PLACE} to {@value #MAX_PLACE}
 * @param head how its notes look
 */
public record Voice(String name, int midiKey, Optional<Limb> limb, int staffPlace, NoteheadShape head) {
    /** The lowest key. */
    public static final int MIN_KEY = 35;
    /** The highest key. */
    public static final int MAX_KEY = 81;
    /** The lowest pitch of a riff: the C three octaves below middle C. */
    public static final int MIN_PITCH = 24;
    /** The highest pitch of a riff: the C two octaves above middle C. */
    public static final int MAX_PITCH = 84;
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
        if (limb.isEmpty() && (midiKey < MIN_PITCH || midiKey > MAX_PITCH)) {
            throw new InvalidValueException("a riff sounds on a pitch from " + MIN_PITCH + " to " + MAX_PITCH
                    + ", where 60 is middle C, not on " + midiKey);
        }
        if (limb.isPresent() && (midiKey < MIN_KEY || midiKey > MAX_KEY)) {
            throw new InvalidValueException(
                    "General MIDI percussion uses keys " + MIN_KEY + " to " + MAX_KEY + ", not " + midiKey);
        }
        if (staffPlace < MIN_PLACE || staffPlace > MAX_PLACE) {
            throw new InvalidValueException("a voice sits " + MIN_PLACE + " to " + MAX_PLACE
                    + " places above the middle line, not " + staffPlace);
        }
    }

    /**
     * Makes a sound of the kit.
     *
     * @throws InvalidValueException if the name is blank, or a number is out of range
     */
    public Voice(String name, int midiKey, Limb limb, int staffPlace, NoteheadShape head) {
        this(name, midiKey, Optional.of(limb), staffPlace, head);
    }

    /**
     * Makes a riff; it stands on a line by itself.
     *
     * @param pitch from {@value #MIN_PITCH} to {@value #MAX_PITCH}, where 60 is middle C
     * @throws InvalidValueException if the name is blank, or the pitch is out of range
     */
    public static Voice riff(String name, int pitch) {
        return new Voice(name, pitch, Optional.empty(), 0, NoteheadShape.NORMAL);
    }

    /** Returns the hash of its name, because each note of a part is put with those of its voice while somebody types. */
    @Override
    public int hashCode() {
        return name.hashCode();
    }

    /** Returns whether another player plays it. */
    public boolean isRiff() {
        return limb.isEmpty();
    }

    /** Returns whether a hand plays it. */
    public boolean isByHand() {
        return limb.filter(Limb::isHand).isPresent();
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
