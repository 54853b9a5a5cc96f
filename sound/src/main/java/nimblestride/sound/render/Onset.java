package nimblestride.sound.render;

import nimblestride.core.value.NoteValue;
import nimblestride.sound.kit.Sound;

/**
 * A sound that begins.
 *
 * @param at from the first beginning of the phrase
 * @param sound what is heard
 * @param level from 0 to 1
 */
record Onset(NoteValue at, Sound sound, float level) {}
