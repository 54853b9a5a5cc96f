package nimblestride.core.notation.engraving;

import nimblestride.core.layer.modulation.Modulation;
import nimblestride.core.layer.modulation.ModulationRealignment;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;

/**
 * The time around a modulation that is worth seeing: from the accents that set it up to where both tempos realign.
 * Moments are counted from its start, in old values.
 */
final class ModulationWindow {
    private static final int MAX_LEAD_BARS = 4;
    private static final int MAX_BEATS = 48;
    private static final int BEATS_WHERE_NEVER = 16;

    private final Modulation shift;
    private final NoteValue late;
    /** The first old bar, counted on through the rounds. */
    private final long firstBar;

    private final NoteValue lead;
    private final NoteValue end;

    /** @param late how long after the pivot the new tempo starts */
    ModulationWindow(Modulation shift, NoteValue late) {
        this.shift = shift;
        this.late = late;
        int bars = leadBars();
        Phrase old = shift.oldBars();
        long size = old.bars().size();
        this.firstBar = (bars + size - 1) / size * size - bars;
        this.lead = old.startOf(firstBar + bars).minus(old.startOf(firstBar));
        this.end = lead.plus(howLong());
    }

    private int leadBars() {
        NoteValue wanted = shift.oldBeat().times(Math.min(MAX_BEATS, shift.beatsUntilTogether()));
        Phrase old = shift.oldBars();
        int bars = 1;
        while (bars < MAX_LEAD_BARS && old.startOf(bars).compareTo(wanted) < 0) {
            bars++;
        }
        return bars;
    }

    private NoteValue howLong() {
        NoteValue longest = shift.oldBeat().times(MAX_BEATS);
        return shift.barLineRealignment(late)
                .map(ModulationRealignment::length)
                .filter(length -> length.compareTo(longest) <= 0)
                .orElseGet(() -> late.plus(shift.oldBeat().times(BEATS_WHERE_NEVER)));
    }

    Modulation shift() {
        return shift;
    }

    /** Returns when the pivot comes. */
    NoteValue pivot() {
        return lead;
    }

    /** Returns when the new tempo starts. */
    NoteValue start() {
        return lead.plus(late);
    }

    NoteValue end() {
        return end;
    }

    long firstBar() {
        return firstBar;
    }

    /**
     * Returns where an old bar starts.
     *
     * @param bar from 0
     */
    NoteValue oldLine(long bar) {
        return shift.oldBars().startOf(firstBar + bar).minus(shift.oldBars().startOf(firstBar));
    }

    /**
     * Returns where a new bar starts.
     *
     * @param bar from 0
     */
    NoteValue newLine(long bar) {
        return start().plus(shift.oldUnits(shift.newBars().startOf(bar)));
    }
}
