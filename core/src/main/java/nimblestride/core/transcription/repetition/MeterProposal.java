package nimblestride.core.transcription.repetition;

import java.util.List;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.value.NoteValue;

/**
 * Bars that something may be in.
 *
 * @param bars of one cycle
 * @param from where the first of them begins
 * @param share how much of what is struck comes again a cycle later, beyond what chance would bring: from 0 to 1
 * @param why what speaks for it
 */
public record MeterProposal(List<Bar> bars, NoteValue from, double share, String why) {
    private static final double SURE = 0.9;
    private static final double LIKELY = 0.5;

    public MeterProposal {
        bars = List.copyOf(bars);
    }

    public boolean isSure() {
        return share >= SURE;
    }

    /** How sure it is, in a word. */
    public String sure() {
        return isSure() ? "sure" : share >= LIKELY ? "likely" : "perhaps";
    }
}
