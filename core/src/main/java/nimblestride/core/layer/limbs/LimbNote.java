package nimblestride.core.layer.limbs;

import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.kit.voice.Limb;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.time.value.NoteValue;

/**
 * One note with the limb that plays it.
 *
 * @param at from the first start of the phrase
 * @param layer the layer it belongs to, from 0
 */
public record LimbNote(NoteValue at, int layer, Voice voice, Stroke stroke, Limb limb) {}
