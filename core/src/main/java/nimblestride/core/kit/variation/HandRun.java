package nimblestride.core.kit.variation;

import java.util.Optional;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.kit.voice.Limb;

/** The hand of the last stroke, how many strokes it has had in a row, and whether the last was accented. */
record HandRun(Optional<Limb> hand, int strokes, boolean accented) {
    static final HandRun NONE = new HandRun(Optional.empty(), 0, false);

    /** Returns the run after a stroke; a rest or a foot ends it. */
    HandRun after(Optional<Stroke> step) {
        Optional<Limb> limb = step.flatMap(Stroke::limb).filter(Limb::isHand);
        if (limb.isEmpty()) {
            return NONE;
        }
        boolean accent = step.orElseThrow().level().isAccent();
        return new HandRun(limb, limb.equals(hand) ? strokes + 1 : 1, accent);
    }
}
