package nimblestride.core.notation.score;

import java.util.Optional;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.kit.voice.Limb;
import nimblestride.core.kit.voice.Voice;

/**
 * One notehead.
 *
 * @param limb that plays it; empty for a riff
 * @param layer it belongs to, from 0
 */
public record WrittenHead(Voice voice, Stroke stroke, Optional<Limb> limb, int layer) {}
