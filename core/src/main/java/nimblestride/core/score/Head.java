package nimblestride.core.score;

import nimblestride.core.groove.Limb;
import nimblestride.core.groove.Stroke;
import nimblestride.core.groove.Voice;

/**
 * One notehead: a voice that is struck.
 *
 * @param limb what strikes it
 * @param layer the layer it belongs to, from 0
 */
public record Head(Voice voice, Stroke stroke, Limb limb, int layer) {}
