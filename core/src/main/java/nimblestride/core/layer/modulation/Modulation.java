package nimblestride.core.layer.modulation;

import java.util.List;
import java.util.Optional;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.layer.crossing.Beat;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.time.value.Tempo;
import org.apache.commons.numbers.fraction.BigFraction;

/**
 * One change of gear: bars at a tempo, a pivot, and the bars that follow it. Old values are those of the bars before, new
 * values those of the bars after it.
 *
 * @param before the tempo before the change
 * @param oldBars what is played before it
 * @param newBars what is played after it
 */
public record Modulation(Tempo before, Pivot pivot, Phrase oldBars, Phrase newBars) {
    /** Bar lines that meet only after more old bars than this are as good as never met. */
    public static final int WITHIN_REASON = 1_000;

    /**
     * The tempo after it, counted in the same note value.
     *
     * @throws InvalidValueException if it cannot be played
     */
    public Tempo after() {
        return new ModulationChain(before, List.of(pivot)).tempos().get(1);
    }

    /** The change that undoes it. */
    public Modulation wayBack() {
        return new Modulation(after(), pivot.back(), /* oldBars= */ newBars, /* newBars= */ oldBars);
    }

    /** What a new length lasts in old values. */
    public NoteValue oldUnits(NoteValue newLength) {
        return NoteValue.of(newLength.fraction().divide(pivot.ratio()));
    }

    /** What an old length is in new values. */
    public NoteValue newUnits(NoteValue oldLength) {
        return NoteValue.of(oldLength.fraction().multiply(pivot.ratio()));
    }

    /** The beat a foot taps before the change, in old values. */
    public NoteValue oldBeat() {
        return Beat.of(oldBars.bars().get(0));
    }

    /** The beat a foot taps after it, in new values. */
    public NoteValue newBeat() {
        return Beat.of(newBars.bars().get(0));
    }

    /** The new beat in old values: what is accented before the change, so that the new feel is heard coming. */
    public NoteValue pulse() {
        return oldUnits(newBeat());
    }

    /** The longest note that runs through both the old beat and the pulse, in old values: it goes on as it is. */
    public NoteValue subdivision() {
        return oldBeat().greatestCommonDivisor(pulse());
    }

    /** How many subdivisions an old beat holds. */
    public long notesPerBeat() {
        return oldBeat().wholePartsOf(subdivision());
    }

    /** How many subdivisions lie from accent to accent. */
    public long group() {
        return pulse().wholePartsOf(subdivision());
    }

    /** For how many old beats accents run until one falls on a beat again. */
    public long beatsUntilTogether() {
        return pulse().leastCommonMultiple(oldBeat()).wholePartsOf(oldBeat());
    }

    /** When whole rounds of the old bars last as long as whole rounds of the new ones. */
    public ModulationRealignment phraseRealignment() {
        return ModulationRealignment.of(oldBars.length(), newBars.length(), pivot);
    }

    /**
     * The first bar lines after the pivot that old and new bars, both running on from it, have in common.
     *
     * @return empty where that is not within {@value #WITHIN_REASON} bars of either
     */
    public Optional<ModulationRealignment> barLineRealignment() {
        return barLineRealignment(NoteValue.ZERO);
    }

    /**
     * The same where the new bars start later than the pivot.
     *
     * @param late by so much, in old values
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

    /** How long an old length lasts, in seconds, exactly. */
    public BigFraction seconds(NoteValue oldLength) {
        return before.seconds(oldLength);
    }
}
