package nimblestride.core.hands;

import nimblestride.core.groove.Limb;
import nimblestride.core.groove.Stroke;
import nimblestride.core.groove.Voice;
import nimblestride.core.value.NoteValue;

/**
 * One note with the limb that plays it.
 *
 * @param at from the first beginning of the phrase
 * @param layer the layer it belongs to, from 0
 */
public record Played(NoteValue at, int layer, Voice voice, Stroke stroke, Limb limb) {}
