package nimblestride.core.layer.crossing;

import nimblestride.core.layer.timeline.LayerTimeline;
import nimblestride.core.time.value.NoteValue;

/**
 * What is left over when a layer stops at a bar line.
 *
 * @param cycles complete cycles
 * @param length of the cycle that has started and not ended; zero where a cycle ends just there
 */
public record Remainder(long cycles, NoteValue length) {
    /**
     * Returns what is left over.
     *
     * @param timeline of a layer whose cycles are all alike and that never resets
     * @param stop moment at which it stops
     */
    public static Remainder of(LayerTimeline timeline, NoteValue stop) {
        NoteValue begin = timeline.grid().value(timeline.start());
        if (stop.compareTo(begin) <= 0) {
            return new Remainder(0, NoteValue.ZERO);
        }
        NoteValue run = stop.minus(begin);
        return new Remainder(run.wholePartsOf(timeline.cycle()), run.remainder(timeline.cycle()));
    }

    /** Returns how much longer the layer would have to play to complete its cycle. */
    public NoteValue untilNextCycle(NoteValue cycle) {
        return length.isZero() ? NoteValue.ZERO : cycle.minus(length);
    }
}
