package nimblestride.core.insight.fact;

import java.util.List;
import nimblestride.core.layer.crossing.AlternatingHands;
import nimblestride.core.layer.crossing.BarByBar;
import nimblestride.core.layer.crossing.Crossing;
import nimblestride.core.layer.pattern.Pattern;
import nimblestride.core.time.value.NoteValue;

/** What a layer is called against the bars, and how it sits in them. */
public sealed interface CrossingFact extends Fact {
    /** Returns the name of the layer. */
    String layer();

    /** A layer has a name: polymeter, polyrhythm, or both. */
    record Called(String layer, Pattern pattern, Crossing crossing) implements CrossingFact {
        @Override
        public FactKind kind() {
            return switch (crossing.kind()) {
                case POLYMETER -> FactKind.POLYMETER;
                case POLYRHYTHM -> FactKind.POLYRHYTHM;
                case BOTH -> FactKind.POLYMETER_AND_POLYRHYTHM;
                case IN_STEP -> throw new IllegalStateException("a layer in step has no name of its own");
            };
        }
    }

    /**
     * A layer is on the beat in some bars, and off it in others.
     *
     * @param bars from the first on; all until it realigns, or as many as were looked at
     * @param untilRealigned in bars
     * @param beats the beat of each kind of bar in the phrase, each once
     */
    record OnTheBeat(String layer, List<BarByBar> bars, long untilRealigned, List<NoteValue> beats)
            implements CrossingFact {
        @Override
        public FactKind kind() {
            return FactKind.BEAT;
        }
    }

    /** Which hand gets the hits of a layer when both hands alternate beneath it. */
    record RunningHands(String layer, AlternatingHands hands) implements CrossingFact {
        @Override
        public FactKind kind() {
            return FactKind.RUNNING_HANDS;
        }
    }
}
