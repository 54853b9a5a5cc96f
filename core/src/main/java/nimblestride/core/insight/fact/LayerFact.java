package nimblestride.core.insight.fact;

import java.util.List;
import java.util.OptionalLong;
import nimblestride.core.layer.alignment.Realignment;
import nimblestride.core.layer.pattern.Reset;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;

/** What one layer does over the bars: its cycle, where it is on the 1, how to count it, what is cut off. */
public sealed interface LayerFact extends Fact {
    /** Returns the name of the layer. */
    String layer();

    /**
     * What a layer does, in one line.
     *
     * @param offset from the first bar line to its first cycle
     * @param after how long until it is back where it began
     * @param hits it plays in that time; empty if they can't be counted exactly
     * @param landings bars whose 1 it starts a cycle on within that time, from 0
     * @param firstLanding the first such bar, counted on; empty if there is none
     */
    record Overview(
            String layer,
            CycleLength cycle,
            NoteValue offset,
            Reset reset,
            NoteValue remainder,
            Phrase phrase,
            Realignment after,
            OptionalLong hits,
            List<Long> landings,
            OptionalLong firstLanding)
            implements LayerFact {
        @Override
        public FactKind kind() {
            return FactKind.LAYER;
        }
    }

    /**
     * How to count a layer.
     *
     * @param bars the times of its hits from each bar's 1, for the first bars
     */
    record Counts(String layer, List<List<NoteValue>> bars, Phrase phrase) implements LayerFact {
        @Override
        public FactKind kind() {
            return FactKind.COUNTS;
        }
    }

    /**
     * A reset cuts off the last cycle of a layer.
     *
     * @param remainder what is played of the last cycle
     */
    record Resets(String layer, CycleLength cycle, Reset reset, NoteValue remainder, Phrase phrase)
            implements LayerFact {
        @Override
        public FactKind kind() {
            return FactKind.RESETS;
        }
    }

    /**
     * Something is left over when the phrase is played once and stops.
     *
     * @param cycles that are complete
     * @param length of what is left over
     * @param missing until the next cycle is complete
     */
    record LeftOver(String layer, Phrase phrase, long cycles, CycleLength cycle, NoteValue length, NoteValue missing)
            implements LayerFact {
        @Override
        public FactKind kind() {
            return FactKind.LEFT_OVER;
        }
    }
}
