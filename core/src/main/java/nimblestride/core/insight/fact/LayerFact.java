package nimblestride.core.insight.fact;

import java.util.List;
import java.util.Optional;
import nimblestride.core.layer.alignment.Realignment;
import nimblestride.core.layer.pattern.Reset;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;

/** What one layer does over the bars: when it realigns, where it lands, what is cut off. */
public sealed interface LayerFact extends Fact {
    /** Returns the name of the layer. */
    String layer();

    /**
     * A layer is back where it began.
     *
     * @param start of its first cycle, from the first bar line
     * @param after how long that takes
     * @param landsBetween whether it lands on a bar line before that
     */
    record Returns(
            String layer, CycleLength cycle, NoteValue start, Phrase phrase, Realignment after, boolean landsBetween)
            implements LayerFact {
        @Override
        public FactKind kind() {
            return FactKind.RETURNS;
        }
    }

    /**
     * A layer starts over at bar lines, before its cycle is complete or just then.
     *
     * @param remainder what is played of the last cycle; zero when nothing is cut off
     */
    record Resets(String layer, CycleLength cycle, Reset reset, NoteValue remainder) implements LayerFact {
        @Override
        public FactKind kind() {
            return FactKind.RESETS;
        }
    }

    /** A layer never starts a cycle on a bar line. */
    record NeverLands(String layer, NoteValue cycle, NoteValue offset) implements LayerFact {
        @Override
        public FactKind kind() {
            return FactKind.NEVER_LANDS;
        }
    }

    /**
     * A layer starts cycles on bar lines.
     *
     * @param first bar it lands on, from 0
     * @param bars until it realigns
     * @param landings bars it lands on within that time, from 0; empty when it starts late and lands on the first only
     *     after it
     * @param last why the last landing is one, where that can be said with whole cycles
     */
    record Lands(String layer, long first, long bars, List<Long> landings, Optional<LastLanding> last)
            implements LayerFact {
        @Override
        public FactKind kind() {
            return FactKind.LANDS;
        }
    }

    /**
     * A landing, in whole cycles.
     *
     * @param bar from 0
     * @param start of the bar, from the first bar line
     * @param late how late the layer starts
     */
    record LastLanding(long bar, NoteValue start, long cycles, CycleLength cycle, NoteValue late) {}

    /**
     * Something is left over when the phrase is played once and stops.
     *
     * @param bars of the phrase
     * @param cycles that are complete
     * @param length of what is left over
     * @param missing until the next cycle is complete
     */
    record LeftOver(String layer, int bars, long cycles, CycleLength cycle, NoteValue length, NoteValue missing)
            implements LayerFact {
        @Override
        public FactKind kind() {
            return FactKind.LEFT_OVER;
        }
    }
}
