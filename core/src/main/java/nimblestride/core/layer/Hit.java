package nimblestride.core.layer;

import java.util.List;
import nimblestride.core.groove.Lead;
import nimblestride.core.groove.Limb;
import nimblestride.core.groove.Stroke;
import nimblestride.core.groove.Voice;
import nimblestride.core.value.NoteValue;

/**
 * One note of a layer.
 *
 * @param at from the first beginning of the phrase
 * @param voices what sounds: one voice, or several at once where a rule says so
 * @param startsCycle whether the layer's cycle begins with it
 */
public record Hit(NoteValue at, Stroke stroke, List<Voice> voices, boolean startsCycle) {
    /** The limb that plays one of its voices: a foot its own pedal, a hand that is written out, or the usual one. */
    public Limb limb(Voice voice, Lead lead) {
        return voice.limb().isHand()
                ? stroke.limb().filter(Limb::isHand).orElseGet(() -> lead.plays(voice))
                : voice.limb();
    }
}
