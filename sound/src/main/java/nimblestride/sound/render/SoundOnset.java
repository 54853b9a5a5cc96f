package nimblestride.sound.render;

import java.util.Optional;
import nimblestride.core.time.value.NoteValue;
import nimblestride.sound.kit.Sample;

/**
 * A sound that begins.
 *
 * @param at from the beginning of the section
 * @param early how long before that moment it begins, in seconds: a grace note comes before its note
 * @param key for a MIDI instrument
 * @param sound the sample to play
 * @param level from 0 to 1
 * @param length how long it is held; empty if it rings out
 * @param click whether it is a click, which stands in no room
 */
record SoundOnset(
        NoteValue at, double early, MidiKey key, Sample sound, float level, Optional<NoteValue> length, boolean click) {
    /** Creates a click. */
    static SoundOnset click(NoteValue at, MidiKey key, Sample sound, float level) {
        return new SoundOnset(at, 0, key, sound, level, Optional.empty(), true);
    }
}
