package nimblestride.core.insight.fact;

import nimblestride.core.layer.modulation.Pivot;
import nimblestride.core.time.meter.Meter;
import nimblestride.core.time.value.NoteValue;

/** A change that would fix what does not add up. */
public sealed interface Remedy {
    /** Starts a layer this long after the bar line; zero for on the 1. */
    record Start(NoteValue late) implements Remedy {}

    /** Calls the bar by the meter the pattern fills. */
    record CallIt(Meter meter) implements Remedy {}

    /** Enters a section by a pivot; by none, where its tempo stays. */
    record Enter(Pivot pivot) implements Remedy {}

    /** Removes notes from places the bars do not have. */
    record RemoveNotes(long notes) implements Remedy {}

    /** Removes a rule from the orchestration. */
    record RemoveRule() implements Remedy {}

    /** Lets limbs strike together. */
    record AllowTogether() implements Remedy {}

    /** Slows down to a tempo, in beats per minute. */
    record SlowDown(int perMinute) implements Remedy {}
}
