package nimblestride.core.notation.score;

import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.kit.voice.Limb;
import nimblestride.core.kit.voice.Voice;

/**
 * One notehead: a voice that is struck.
 *
 * @param limb what strikes it
 * @param layer the layer it belongs to, from 0
 */
public record WrittenHead(Voice voice, Stroke stroke, Limb limb, int layer) {}
