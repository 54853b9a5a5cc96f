package nimblestride.core.kit.variation;

import java.util.Optional;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.kit.voice.Limb;

/** The hand of the last stroke, how many strokes it has had in a row, and whether the last was accented. */
record HandRun(Optional<Limb> hand, int strokes, boolean accented) {
    static final HandRun NONE = new HandRun(Optional.empty(), 0, false);

    /** Returns the run after a stroke; a foot ends it. */
    HandRun after(Stroke stroke) {
        Optional<Limb> limb = stroke.limb().filter(Limb::isHand);
        return limb.isEmpty()
                ? NONE
                : new HandRun(
                        limb,
                        limb.equals(hand) ? strokes + 1 : 1,
                        stroke.level().isAccent());
    }
}
