package nimblestride.core.layer.limbs;

import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.time.value.NoteValue;

/**
 * One note of a riff, which no limb plays.
 *
 * @param at from the first start of the phrase
 * @param layer the layer it belongs to, from 0
 */
public record RiffNote(NoteValue at, int layer, Voice voice, Stroke stroke) {}
