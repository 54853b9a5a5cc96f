package nimblestride.sound.render;

import java.util.Optional;
import nimblestride.core.time.value.NoteValue;
import nimblestride.sound.kit.Sample;

/**
 * A sound that begins.
 *
 * @param at from the beginning of the section
 * @param early how long before that moment it begins, in seconds: grace notes come before the note they belong to
 * @param key what sounds
 * @param sound how it is heard
 * @param level from 0 to 1
 * @param length when it is let go; empty for what rings out by itself
 */
record SoundOnset(NoteValue at, double early, MidiKey key, Sample sound, float level, Optional<NoteValue> length) {
    /** What begins on its moment and rings out. */
    SoundOnset(NoteValue at, MidiKey key, Sample sound, float level) {
        this(at, 0, key, sound, level, Optional.empty());
    }
}
