package nimblestride.sound.render;

import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.time.value.NoteValue;

/**
 * Where playback begins.
 *
 * @param section of the exercise, from 0
 * @param moment from the beginning of that section
 */
public record StartPoint(int section, NoteValue moment) {
    /** The start of the first section. */
    public static final StartPoint BEGINNING = new StartPoint(0, NoteValue.ZERO);

    /** @throws InvalidValueException if it lies before the beginning */
    public StartPoint {
        if (section < 0 || moment.compareTo(NoteValue.ZERO) < 0) {
            throw new InvalidValueException("start at the beginning or later, not at " + moment);
        }
    }
}
