package nimblestride.sound.render;

import nimblestride.core.value.NoteValue;
import nimblestride.sound.kit.Sound;

/**
 * A sound that begins.
 *
 * @param at from the beginning of the section
 * @param early how long before that moment it begins, in seconds: grace notes come before the note they belong to
 * @param sound what is heard
 * @param level from 0 to 1
 */
record Onset(NoteValue at, double early, Sound sound, float level) {
    Onset(NoteValue at, Sound sound, float level) {
        this(at, 0, sound, level);
    }
}
