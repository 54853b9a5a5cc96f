package nimblestride.core.layer.modulation;

import java.util.List;
import java.util.Optional;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.time.value.Tempo;
import org.apache.commons.numbers.fraction.BigFraction;

/**
 * One modulation: bars at a tempo, a pivot, and the bars after it. Old values are those of the bars before it, new
 * values those of the bars after it.
 *
 * @param before tempo before the change
 * @param oldBars played before it
 * @param newBars played after it
 */
public record Modulation(Tempo before, Pivot pivot, Phrase oldBars, Phrase newBars) {
    /** Bar lines that realign only after more old bars than this count as never realigning. */
    public static final int WITHIN_REASON = 1_000;

    /**
     * Returns the tempo after it, in the same note value.
     *
     * @throws InvalidValueException if it can't be played
     */
    public Tempo after() {
        return new ModulationChain(before, List.of(pivot)).tempos().get(1);
    }

    /** Returns the modulation that undoes it. */
    public Modulation wayBack() {
        return new Modulation(after(), pivot.back(), /* oldBars= */ newBars, /* newBars= */ oldBars);
    }

    /** Converts a new length to old values. */
    public NoteValue oldUnits(NoteValue newLength) {
        return NoteValue.of(newLength.fraction().divide(pivot.ratio()));
    }

    /** Converts an old length to new values. */
    public NoteValue newUnits(NoteValue oldLength) {
        return NoteValue.of(oldLength.fraction().multiply(pivot.ratio()));
    }

    /** Returns the beat before the change, in old values. */
    public NoteValue oldBeat() {
        return oldBars.bars().get(0).beats().pulse();
    }

    /** Returns the beat after the change, in new values. */
    public NoteValue newBeat() {
        return newBars.bars().get(0).beats().pulse();
    }

    /** Returns the new beat in old values: accent it before the change, and the new tempo can be heard coming. */
    public NoteValue pulse() {
        return oldUnits(newBeat());
    }

    /** Returns the longest note that divides both the old beat and the pulse, in old values. It stays the same. */
    public NoteValue subdivision() {
        return oldBeat().greatestCommonDivisor(pulse());
    }

    /** Returns how many subdivisions an old beat has. */
    public long notesPerBeat() {
        return oldBeat().wholePartsOf(subdivision());
    }

    /** Returns how many subdivisions lie from accent to accent. */
    public long group() {
        return pulse().wholePartsOf(subdivision());
    }

    /** Returns how many old beats pass until an accent falls on a beat again. */
    public long beatsUntilTogether() {
        return pulse().leastCommonMultiple(oldBeat()).wholePartsOf(oldBeat());
    }

    /** Returns when whole rounds of the old bars last as long as whole rounds of the new ones. */
    public ModulationRealignment phraseRealignment() {
        return ModulationRealignment.of(oldBars.length(), newBars.length(), pivot);
    }

    /**
     * Returns the first bar lines after the pivot that old and new bars share, both running on from it; empty if that
     * takes more than {@value #WITHIN_REASON} bars of either.
     */
    public Optional<ModulationRealignment> barLineRealignment() {
        return barLineRealignment(NoteValue.ZERO);
    }

    /**
     * Returns the same when the new bars start later than the pivot.
     *
     * @param late in old values
     */
    public Optional<ModulationRealignment> barLineRealignment(NoteValue late) {
        long oldBar = 1;
        long newBar = late.isZero() ? 1 : 0;
        while (oldBar <= WITHIN_REASON && newBar <= WITHIN_REASON) {
            NoteValue oldLine = oldBars.startOf(oldBar);
            int order = oldLine.compareTo(late.plus(oldUnits(newBars.startOf(newBar))));
            if (order == 0) {
                return Optional.of(new ModulationRealignment(oldBar, newBar, oldLine));
            }
            if (order < 0) {
                oldBar++;
            } else {
                newBar++;
            }
        }
        return Optional.empty();
    }

    /** Returns how long an old length lasts, in seconds, exactly. */
    public BigFraction seconds(NoteValue oldLength) {
        return before.seconds(oldLength);
    }
}
