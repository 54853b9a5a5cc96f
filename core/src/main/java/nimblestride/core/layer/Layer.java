package nimblestride.core.layer;

import nimblestride.core.groove.Voice;
import nimblestride.core.value.NoteValue;

/**
 * Something that runs over the phrase.
 *
 * @param offset how late it starts: after the beginning of the phrase, or of each bar or phrase in which it is reset
 */
public record Layer(Voice voice, Pattern pattern, NoteValue offset, Reset reset) {
    public static Layer of(Voice voice, Pattern pattern) {
        return new Layer(voice, pattern, NoteValue.ZERO, Reset.NEVER);
    }

    public Layer from(NoteValue newOffset) {
        return new Layer(voice, pattern, newOffset, reset);
    }

    public Layer resetting(Reset newReset) {
        return new Layer(voice, pattern, offset, newReset);
    }
}
