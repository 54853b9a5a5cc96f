package nimblestride.core.layer.crossing;

import nimblestride.core.layer.timeline.LayerTimeline;
import nimblestride.core.time.value.NoteValue;

/**
 * What is left over if a layer is stopped at a bar line.
 *
 * @param cycles whole cycles that have been played
 * @param length of the one that is begun and not ended; zero where the layer closes just there
 */
public record Remainder(long cycles, NoteValue length) {
    /**
     * @param timeline of a layer whose cycles are all alike and never reset
     * @param stop the moment at which it stops
     */
    public static Remainder of(LayerTimeline timeline, NoteValue stop) {
        NoteValue begin = timeline.grid().value(timeline.start());
        if (stop.compareTo(begin) <= 0) {
            return new Remainder(0, NoteValue.ZERO);
        }
        NoteValue run = stop.minus(begin);
        return new Remainder(run.wholePartsOf(timeline.cycle()), run.remainder(timeline.cycle()));
    }

    /** How much longer it would have to go on to close. */
    public NoteValue untilNextCycle(NoteValue cycle) {
        return length.isZero() ? NoteValue.ZERO : cycle.minus(length);
    }
}
