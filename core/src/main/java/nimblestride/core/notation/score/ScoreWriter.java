package nimblestride.core.notation.score;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeMap;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.kit.stroke.Ornament;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.layer.limbs.LimbAssignment;
import nimblestride.core.layer.limbs.LimbNote;
import nimblestride.core.layer.modulation.Pivot;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.timeline.LayerTimeline;
import nimblestride.core.notation.score.BarPlan.Planned;
import nimblestride.core.notation.score.BarSpeller.Asked;
import nimblestride.core.notation.score.BarSpeller.Strike;
import nimblestride.core.notation.score.ScoreStyle.Lengths;
import nimblestride.core.notation.score.ScoreStyle.Parts;
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
    private static final int MAX_NOTES_OF_A_LAYER = 500_000;

    private final Exercise exercise;
    private final BarPlan plan;
    private final ScoreStyle style;
    private final BarSpeller speller = new BarSpeller();
    private final List<String> leftOut = new ArrayList<>();
    private final PhraseMarks marks;
    private final NavigableMap<NoteValue, List<WrittenHead>> hands = new TreeMap<>();
    private final NavigableMap<NoteValue, List<WrittenHead>> feet = new TreeMap<>();

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
     * @throws InvalidValueException if a layer has more than {@value #MAX_NOTES_OF_A_LAYER} notes in that time
     */
    public static Score write(Exercise exercise, BarPlan plan, ScoreStyle style) {
        return new ScoreWriter(exercise, plan, style).write();
    }

    private Score write() {
        collect();
        List<WrittenBar> bars = new ArrayList<>();
        NoteValue from = NoteValue.ZERO;
        Carried carried = new Carried(List.of(), List.of());
        for (Planned planned : plan.bars()) {
            NoteValue to = from.plus(planned.sounding());
            bars.add(write(bars, planned, from, to, carried));
            carried = new Carried(held(hands, to), held(feet, to));
            from = to;
        }
        List<WrittenBar> folded = style.repeats() ? RepeatFolding.fold(bars) : bars;
        return new Score(exercise.name(), style, signed(folded), leftOut);
    }

    /** What is held over a bar line. */
    private record Carried(List<WrittenHead> hands, List<WrittenHead> feet) {}

    /** Collects every note with its limb, by part. */
    private void collect() {
        List<Optional<LayerTimeline>> timelines = new ArrayList<>();
        List<String> names = exercise.layerNames();
        for (int i = 0; i < names.size(); i++) {
            timelines.add(timelineOf(exercise.layers().get(i), names.get(i)));
        }
        for (Optional<LayerTimeline> timeline : timelines) {
            // Asked before they are listed, which would take seconds.
            if (timeline.isPresent() && timeline.get().hitsBefore(plan.sounding()) > MAX_NOTES_OF_A_LAYER) {
                throw new InvalidValueException(String.format(
                        Locale.ROOT,
                        "a layer has more than %,d notes in %,d bars; write fewer bars",
                        MAX_NOTES_OF_A_LAYER,
                        plan.bars().size()));
            }
        }
        LimbAssignment ticked =
                LimbAssignment.of(timelines, plan.sounding(), exercise.leadHand(), MAX_NOTES_OF_A_LAYER);
        for (LimbNote note : ticked.notes()) {
            boolean below = style.parts() == Parts.HANDS_AND_FEET
                    && !note.voice().limb().isHand();
            add(below ? feet : hands, note);
        }
        if (hands.isEmpty()) {
            // Feet alone need no empty part above them.
            hands.putAll(feet);
            feet.clear();
        }
        Comparator<WrittenHead> upwards =
                Comparator.comparing(head -> head.voice().staffPlace());
        hands.values().forEach(heads -> heads.sort(upwards));
        feet.values().forEach(heads -> heads.sort(upwards));
    }

    private Optional<LayerTimeline> timelineOf(Layer layer, String name) {
        try {
            return Optional.of(LayerTimeline.of(layer, exercise.phrase()));
        } catch (StrideException e) {
            leftOut.add(name + ": " + e.getMessage());
            return Optional.empty();
        }
    }

    /** A voice that two layers ask for is written once, at the stronger dynamic. */
    private void add(Map<NoteValue, List<WrittenHead>> part, LimbNote note) {
        List<WrittenHead> here = part.computeIfAbsent(note.at(), at -> new ArrayList<>());
        WrittenHead head = new WrittenHead(note.voice(), stroke(note), note.limb(), note.layer());
        for (int i = 0; i < here.size(); i++) {
            if (here.get(i).voice().equals(head.voice())) {
                boolean stronger =
                        head.stroke().level().compareTo(here.get(i).stroke().level()) > 0;
                here.set(i, stronger ? head : here.get(i));
                return;
            }
        }
        here.add(head);
    }

    /** A doubled stroke is two notes already, and each is written. */
    private static Stroke stroke(LimbNote note) {
        return note.stroke().ornament() == Ornament.DOUBLED ? note.stroke().with(Ornament.NONE) : note.stroke();
    }

    /** Returns what was played last before a moment, if it is held until then. */
    private List<WrittenHead> held(NavigableMap<NoteValue, List<WrittenHead>> part, NoteValue moment) {
        var last = part.lowerEntry(moment);
        boolean ends = part.containsKey(moment);
        return last == null || ends || !isHeld(last.getValue()) ? List.of() : last.getValue();
    }

    private boolean isHeld(List<WrittenHead> heads) {
        return style.lengths() == Lengths.HELD
                || heads.stream().anyMatch(head -> head.stroke().ornament() == Ornament.BUZZ);
    }

    private WrittenBar write(List<WrittenBar> before, Planned planned, NoteValue from, NoteValue to, Carried carried) {
        PartRhythm handsPart;
        Optional<PartRhythm> feetPart = Optional.empty();
        String problem = "";
        try {
            handsPart = spell(planned, hands, from, to, carried.hands);
            if (style.parts() == Parts.HANDS_AND_FEET && !feet.isEmpty()) {
                feetPart = Optional.of(spell(planned, feet, from, to, carried.feet));
            }
        } catch (StrideException e) {
            problem = "bar " + (before.size() + 1) + " can't be written as notes: " + e.getMessage();
            handsPart = BarSpeller.silence(planned.bar());
        }
        return new WrittenBar(
                before.size(),
                planned.bar(),
                tempoOf(planned),
                handsPart,
                feetPart,
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
                                : Optional.empty()),
                problem);
    }

    private PartRhythm spell(
            Planned planned,
            NavigableMap<NoteValue, List<WrittenHead>> part,
            NoteValue from,
            NoteValue to,
            List<WrittenHead> carried) {
        List<Strike> strikes = new ArrayList<>();
        part.subMap(from, to).forEach((at, heads) -> {
            NoteValue within = at.minus(from);
            NoteValue written = NoteValue.of(within.fraction().multiply(planned.stretch()));
            strikes.add(new Strike(written, List.copyOf(heads), isHeld(heads)));
        });
        return speller.spell(new Asked(planned.bar(), strikes, carried));
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
