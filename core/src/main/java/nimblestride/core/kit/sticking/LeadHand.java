package nimblestride.core.kit.sticking;

import java.util.Optional;
import nimblestride.core.kit.voice.Limb;
import nimblestride.core.kit.voice.Voice;

/** Which hand leads: the one on the hi-hat and the ride, which also starts an alternating sticking. */
public enum LeadHand {
    RIGHT("right-hand lead"),
    LEFT("left-hand lead");

    private final String title;

    LeadHand(String title) {
        this.title = title;
    }

    /** Returns its name for people. */
    public String title() {
        return title;
    }

    /** Returns the hand. */
    public Limb hand() {
        return this == RIGHT ? Limb.RIGHT_HAND : Limb.LEFT_HAND;
    }

    /**
     * Returns the limb that plays a voice with this lead: hands change sides, feet stay at their pedals. Empty for a
     * riff.
     */
    public Optional<Limb> plays(Voice voice) {
        return voice.limb().map(limb -> this == RIGHT || !limb.isHand() ? limb : limb.other());
    }
}
