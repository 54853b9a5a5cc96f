package nimblestride.core.layer.pattern;

import java.util.List;
import java.util.Optional;
import nimblestride.core.kit.sticking.LeadHand;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.kit.voice.Limb;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.time.value.NoteValue;

/**
 * One note of a layer.
 *
 * @param at from the first start of the phrase
 * @param voices one voice, or several at once where a rule says so
 * @param startsCycle whether the layer's cycle starts with it
 */
public record Hit(NoteValue at, Stroke stroke, List<Voice> voices, boolean startsCycle) {
    /**
     * Returns the limb that plays one of its voices: a foot for its pedal, a hand that is written out, or the default
     * one. Empty for a riff.
     */
    public Optional<Limb> limb(Voice voice, LeadHand lead) {
        return voice.isByHand() ? stroke.limb().filter(Limb::isHand).or(() -> lead.plays(voice)) : voice.limb();
    }
}
