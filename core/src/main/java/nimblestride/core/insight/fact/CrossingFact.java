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

    /** A layer has a name: polymeter, polyrhythm, cross-rhythm, or both. */
    record Called(String layer, Pattern pattern, Crossing crossing) implements CrossingFact {
        @Override
        public FactKind kind() {
            return switch (crossing.kind()) {
                case POLYMETER -> FactKind.POLYMETER;
                case POLYRHYTHM -> FactKind.POLYRHYTHM;
                case CROSS_RHYTHM -> FactKind.CROSS_RHYTHM;
                case BOTH -> FactKind.POLYMETER_AND_CROSS_RHYTHM;
                case IN_STEP -> throw new IllegalStateException("a layer in step has no name");
            };
        }
    }

    /**
     * A layer is on the beat in some bars, and off it in others.
     *
     * @param bars from the first on; all until it realigns, or as many as were looked at
     * @param untilRealigned in bars
     * @param against what counts as on the beat
     */
    record OnTheBeat(String layer, List<BarByBar> bars, long untilRealigned, Against against) implements CrossingFact {
        @Override
        public FactKind kind() {
            return FactKind.BEAT;
        }
    }

    /** What counts as on the beat. */
    sealed interface Against {
        /** A steady pulse counted from each bar's 1. */
        record Pulse(NoteValue value) implements Against {}

        /** Even beats of one value in every bar. */
        record EvenBeats(NoteValue value) implements Against {}

        /** The beats of each bar, not all equal. */
        record UnevenBeats() implements Against {}
    }

    /** Which hand gets the hits of a layer when both hands alternate beneath it. */
    record RunningHands(String layer, AlternatingHands hands) implements CrossingFact {
        @Override
        public FactKind kind() {
            return FactKind.RUNNING_HANDS;
        }
    }
}
