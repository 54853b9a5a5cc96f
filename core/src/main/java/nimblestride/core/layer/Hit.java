package nimblestride.core.layer;

import nimblestride.core.groove.Stroke;
import nimblestride.core.value.NoteValue;

/**
 * One note of a layer.
 *
 * @param at from the first beginning of the phrase
 * @param startsCycle whether the layer's cycle begins with it
 */
public record Hit(NoteValue at, Stroke stroke, boolean startsCycle) {}
