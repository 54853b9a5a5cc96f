package nimblestride.core.notation.score;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.layer.modulation.Pivot;
import nimblestride.core.notation.score.BarPlan.Planned;
import nimblestride.core.notation.score.BarSpeller.Asked;
import nimblestride.core.notation.score.BarSpeller.Strike;
import nimblestride.core.time.counting.SpokenSyllable;
import nimblestride.core.time.meter.Meter;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.time.value.Tempo;
import org.apache.commons.numbers.fraction.BigFraction;

/**
 * Writes an exercise as notes. Every stroke is written where it sounds. A bar that can't be written says why and stops
 * no other.
 */
public final class ScoreWriter {
    private final Exercise exercise;
    private final BarPlan plan;
    private final ScoreStyle style;
    private final BarSpeller speller = new BarSpeller();
    private final List<String> leftOut = new ArrayList<>();
    private final PhraseMarks marks;

    private ScoreWriter(Exercise exercise, BarPlan plan, ScoreStyle style) {
        this.exercise = exercise;
        this.plan = plan;
        this.style = style;
        this.marks = new PhraseMarks(exercise, plan);
    }

    /** Writes the phrase once, in its own bars. */
    public static Score write(Exercise exercise, ScoreStyle style) {
        return write(
                exercise, BarPlan.of(exercise.phrase(), exercise.phrase().bars().size()), style);
    }

    /**
     * Writes an exercise in other bars.
     *
     * @param plan bars to write in; the music runs on for as long as they last
     * @throws InvalidValueException if a layer has more than {@value StruckNotes#MAX_NOTES_OF_A_LAYER} notes in that
     *     time
     */
    public static Score write(Exercise exercise, BarPlan plan, ScoreStyle style) {
        return new ScoreWriter(exercise, plan, style).write();
    }

    private Score write() {
        StruckNotes notes = StruckNotes.of(exercise, plan.sounding(), style, leftOut);
        List<WrittenBar> bars = new ArrayList<>();
        NoteValue from = NoteValue.ZERO;
        for (Planned planned : plan.bars()) {
            NoteValue to = from.plus(planned.sounding());
            bars.add(write(notes, bars, planned, from, to));
            from = to;
        }
        List<WrittenBar> folded = style.repeats() ? RepeatFolding.fold(bars) : bars;
        return new Score(exercise.name(), style, signed(folded), leftOut);
    }

    private WrittenBar write(
            StruckNotes notes, List<WrittenBar> before, Planned planned, NoteValue from, NoteValue to) {
        PartRhythm handsPart;
        Optional<PartRhythm> feetPart = Optional.empty();
        List<RiffPart> riffs = new ArrayList<>();
        String problem = "";
        try {
            handsPart = spell(planned, notes.hands(), from, to);
            feetPart = notes.feet().map(feet -> spell(planned, feet, from, to));
            notes.riffs().forEach((riff, part) -> riffs.add(new RiffPart(riff, spell(planned, part, from, to))));
        } catch (StrideException e) {
            problem = "bar " + (before.size() + 1) + " can't be written as notes: " + e.getMessage();
            handsPart = BarSpeller.silence(planned.bar());
            riffs.clear();
        }
        return new WrittenBar(
                before.size(),
                planned.bar(),
                tempoOf(planned),
                handsPart,
                feetPart,
                riffs,
                counts(planned),
                new BarSigns(
                        List.of(),
                        changeBefore(before.size()),
                        false,
                        1,
                        marks.rehearsal(before.size()),
                        marks.landings(from),
                        from.isZero() && !exercise.swing().isStraight()
                                ? Optional.of(exercise.swing())
                                : Optional.empty(),
                        false),
                problem);
    }

    private PartRhythm spell(Planned planned, StruckPart part, NoteValue from, NoteValue to) {
        List<Strike> strikes = new ArrayList<>();
        part.between(from, to).forEach((at, heads) -> {
            NoteValue within = at.minus(from);
            NoteValue written = NoteValue.of(within.fraction().multiply(planned.stretch()));
            strikes.add(new Strike(written, List.copyOf(heads), part.isHeld(heads)));
        });
        return speller.spell(new Asked(planned.bar(), strikes, part.heldInto(from)));
    }

    private List<SpokenSyllable> counts(Planned planned) {
        return style.counting()
                .map(countingSystem -> countingSystem.count(planned.bar(), style.subdivision()))
                .orElse(List.of());
    }

    /** Counts in the exercise's own beat, unless that would be faster than a tempo can be. */
    private Tempo tempoOf(Planned planned) {
        Tempo tempo = exercise.tempo();
        BigFraction perMinute = tempo.perMinute().multiply(planned.stretch());
        if (perMinute.compareTo(BigFraction.of(Tempo.MIN)) >= 0
                && perMinute.compareTo(BigFraction.of(Tempo.MAX)) <= 0) {
            return new Tempo(tempo.beat(), perMinute);
        }
        return new Tempo(NoteValue.of(tempo.beat().fraction().multiply(planned.stretch())), tempo.perMinute());
    }

    private Optional<Pivot> changeBefore(int number) {
        if (number == 0) {
            return Optional.empty();
        }
        return PivotNotation.between(plan.bars().get(number - 1), plan.bars().get(number));
    }

    /** Signs every change of meter the page shows, and what a reader meets at a repeat. */
    private List<WrittenBar> signed(List<WrittenBar> bars) {
        List<WrittenBar> signed = new ArrayList<>();
        for (int i = 0; i < bars.size(); i++) {
            WrittenBar bar = bars.get(i);
            Meter meter = bar.bar().meter();
            boolean changes = i == 0 || !bars.get(i - 1).bar().meter().equals(meter);
            boolean changesComingBack =
                    bar.repeatStarts() && !lastOfRepeat(bars, i).bar().meter().equals(meter);
            if (!plan.signatures().isEmpty()) {
                signed.add(i == 0 ? bar.signed(bar.signs().signed(plan.signatures())) : bar);
            } else {
                signed.add(changes || changesComingBack ? bar.signed(bar.signs().signed(List.of(meter))) : bar);
            }
        }
        return signed;
    }

    private static WrittenBar lastOfRepeat(List<WrittenBar> bars, int from) {
        int at = from;
        while (at + 1 < bars.size() && bars.get(at).repeatEnds() == 1) {
            at++;
        }
        return bars.get(at);
    }
}
