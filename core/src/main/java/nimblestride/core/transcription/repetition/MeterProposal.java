package nimblestride.core.transcription.repetition;

import java.util.List;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.value.NoteValue;

/**
 * Bars that something may be in.
 *
 * @param bars of one cycle
 * @param from where the first bar starts
 * @param share how much of the hits repeats a cycle later, beyond chance: from 0 to 1
 * @param why reasons, in a few words
 */
public record MeterProposal(List<Bar> bars, NoteValue from, double share, String why) {
    private static final double SURE = 0.9;
    private static final double LIKELY = 0.5;

    public MeterProposal {
        bars = List.copyOf(bars);
    }

    /** Returns whether the proposal is sure. */
    public boolean isSure() {
        return share >= SURE;
    }

    /** Returns how sure it is, in words. */
    public String sure() {
        return isSure() ? "sure" : share >= LIKELY ? "likely" : "perhaps";
    }
}
