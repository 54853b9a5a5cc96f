package nimblestride.core.practice.stage;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import nimblestride.core.exercise.analysis.Analysis;
import nimblestride.core.exercise.analysis.Playthrough;
import nimblestride.core.exercise.leadin.PlainBeat;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.exercise.model.Section;
import nimblestride.core.exercise.model.SectionContent;
import nimblestride.core.exercise.plan.PracticePlan;
import nimblestride.core.exercise.plan.Stage;
import nimblestride.core.exercise.plan.StageTask;
import nimblestride.core.exercise.plan.TimeAndFill;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.stroke.Ornament;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.kit.voice.Kit;
import nimblestride.core.kit.voice.Limb;
import nimblestride.core.layer.limbs.LimbAssignment;
import nimblestride.core.layer.limbs.LimbNote;
import nimblestride.core.layer.modulation.Pivot;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.pattern.Pattern;
import nimblestride.core.layer.pattern.Placement;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;

/**
 * What a stage plays: an exercise of its own, over the bars of the selected section, at its tempo. Where single notes
 * are left out or changed, all rounds until every layer realigns are written out note by note.
 */
public final class StagedExercise {
    private static final int MAX_NOTES = 20_000;
    private static final String TIME = "time";

    private final Exercise content;
    private final Stage stage;
    private final int rounds;

    private StagedExercise(Exercise content, Stage stage) {
        this.content = content;
        this.stage = stage;
        this.rounds = stage.frame().hasTime() ? Math.max(1, stage.frame().fill()) : roundsUntilBack(content);
    }

    /**
     * Returns the exercise of a stage; with time and fill it has two sections.
     *
     * @throws InvalidValueException if the stage names layers the exercise does not have, plays nothing, or has more
     *     notes than can be written out
     */
    public static Exercise of(Exercise exercise, Stage stage) {
        Exercise content = exercise.selectedOnly().withPractice(PracticePlan.NONE);
        return new StagedExercise(chosen(content, stage.layers()), stage).framed();
    }

    private static Exercise chosen(Exercise content, List<String> names) {
        if (names.isEmpty()) {
            return content;
        }
        List<String> there = content.layerNames();
        for (String name : names) {
            if (!there.contains(name)) {
                throw new InvalidValueException("no layer is named \"" + name + "\"; this exercise has "
                        + (there.isEmpty() ? "none" : String.join(", ", there)));
            }
        }
        List<Layer> layers = new ArrayList<>();
        for (int i = 0; i < there.size(); i++) {
            if (names.contains(there.get(i))) {
                layers.add(content.layers().get(i));
            }
        }
        return content.withLayers(layers);
    }

    private static int roundsUntilBack(Exercise content) {
        return Playthrough.untilRealigned(content).passages().get(0).section().rounds();
    }

    private Exercise framed() {
        TimeAndFill frame = stage.frame();
        Exercise time = content.withLayers(PlainBeat.over(content.phrase()));
        if (frame.isFree()) {
            return time;
        }
        Exercise task = task();
        if (!frame.hasTime()) {
            return task;
        }
        Phrase filled = content.phrase()
                .first((long) frame.fill() * content.phrase().bars().size());
        List<SectionContent> contents = List.of(
                time.content().withName(TIME), new SectionContent("fill", filled, task.layers(), content.swing()));
        List<Section> sections = List.of(new Section(0, frame.time(), Pivot.NONE), new Section(1, 1, Pivot.NONE));
        return new Exercise(
                content.name(),
                contents,
                0,
                content.start(),
                sections,
                content.playingStyle(),
                content.practice(),
                content.voices(),
                content.recording());
    }

    private Exercise task() {
        StageTask task = stage.task();
        if (task instanceof StageTask.OneLimb one) {
            return notes(note -> note.limb() == one.limb() ? plain(note) : null, NoteValue.ZERO);
        }
        if (task instanceof StageTask.InnerBar inner) {
            return innerBar(inner.number());
        }
        if (task instanceof StageTask.SomeBars bars) {
            return someBars(bars);
        }
        if (task instanceof StageTask.Displaced displaced) {
            NoteValue unit = content.phrase().bars().get(0).meter().unit();
            return notes(note -> note, unit.times(displaced.units()));
        }
        return switch ((StageTask.Usual) task) {
            case COUNT_ALOUD -> content.withLayers(withRiffs(List.of()));
            case PAD -> content.withLayers(withRiffs(pad()));
            case PLAIN -> notes(StagedExercise::plain, NoteValue.ZERO);
            case ACCENTS -> notes(StagedExercise::withoutOrnament, NoteValue.ZERO);
            case AS_WRITTEN -> content;
        };
    }

    /** Returns layers after what other players play, which goes on. */
    private List<Layer> withRiffs(List<Layer> layers) {
        return Stream.concat(
                        content.layers().stream().filter(layer -> layer.voice().isRiff()), layers.stream())
                .toList();
    }

    private static LimbNote plain(LimbNote note) {
        return play(note, note.stroke().at(Dynamic.NORMAL).with(Ornament.NONE));
    }

    private static LimbNote withoutOrnament(LimbNote note) {
        return play(note, note.stroke().with(Ornament.NONE));
    }

    private static LimbNote play(LimbNote note, Stroke stroke) {
        return new LimbNote(note.at(), note.layer(), note.voice(), stroke, note.limb());
    }

    /** Plays hand to hand on every unit of the phrase, with beats accented and the foot on each 1. */
    private List<Layer> pad() {
        List<Placement> hands = new ArrayList<>();
        List<Placement> foot = new ArrayList<>();
        Limb hand = content.leadHand().hand();
        Phrase phrase = content.phrase();
        int most = MAX_NOTES;
        for (int number = 0; number < phrase.bars().size(); number++) {
            Bar bar = phrase.bars().get(number);
            most -= bar.meter().units();
            checkCount(most);
            List<NoteValue> beats = bar.beats().starts();
            for (int unit = 0; unit < bar.meter().units(); unit++) {
                NoteValue at = bar.meter().unit().times(unit);
                Stroke stroke = beats.contains(at) ? Stroke.ACCENT : Stroke.NORMAL;
                hands.add(new Placement(number, at, stroke.by(hand)));
                hand = hand.other();
            }
            foot.add(new Placement(number, NoteValue.ZERO, Stroke.NORMAL));
        }
        return List.of(Layer.of(Kit.SNARE, new Pattern.Placed(hands)), Layer.of(Kit.KICK, new Pattern.Placed(foot)));
    }

    /** Returns what the first round plays in one inner bar, in that bar alone. */
    private Exercise innerBar(int number) {
        Phrase phrase = content.phrase();
        int before = 0;
        for (int bar = 0; bar < phrase.bars().size(); bar++) {
            List<Bar> inner = phrase.bars().get(bar).innerBars();
            if (number <= before + inner.size()) {
                int chosen = number - before - 1;
                NoteValue start = phrase.startOf(bar)
                        .plus(phrase.bars().get(bar).innerBarStarts().get(chosen));
                return window(start, Phrase.of(inner.get(chosen)));
            }
            before += inner.size();
        }
        throw new InvalidValueException("there is no inner bar " + number + "; this phrase has " + before);
    }

    /** Returns what the first round plays in some bars, in those bars alone. */
    private Exercise someBars(StageTask.SomeBars some) {
        Phrase phrase = content.phrase();
        if (some.last() > phrase.bars().size()) {
            throw new InvalidValueException("there is no bar " + some.last() + "; this phrase has "
                    + phrase.bars().size());
        }
        return window(
                phrase.startOf(some.first() - 1L), Phrase.folded(phrase.bars().subList(some.first() - 1, some.last())));
    }

    private Exercise window(NoteValue start, Phrase bars) {
        NoteValue end = start.plus(bars.length());
        LimbAssignment hands =
                Analysis.of(content).hands(content.phrase().bars().size());
        checkCount(hands.isComplete() ? 0 : -1);
        WrittenOutNotes written = new WrittenOutNotes(bars);
        hands.riffs().stream()
                .filter(note -> note.at().compareTo(start) >= 0 && note.at().compareTo(end) < 0)
                .forEach(note -> written.add(note.voice(), note.at().minus(start), note.stroke()));
        hands.notes().stream()
                .filter(note -> note.at().compareTo(start) >= 0 && note.at().compareTo(end) < 0)
                .forEach(note -> written.add(
                        note.voice(), note.at().minus(start), note.stroke().by(note.limb())));
        return content.withPhrase(bars).withLayers(written.layers());
    }

    private static void checkCount(int left) {
        if (left < 0) {
            throw new InvalidValueException(String.format(
                    Locale.ROOT, "this stage needs more than %,d notes; try a shorter phrase", MAX_NOTES));
        }
    }

    /**
     * Returns all notes of all rounds, some changed or left out, all of them later; riffs stay where they are.
     *
     * @param change returns null for a note to leave out
     */
    private Exercise notes(UnaryOperator<LimbNote> change, NoteValue later) {
        Phrase phrase = content.phrase();
        long bars = (long) rounds * phrase.bars().size();
        LimbAssignment hands = Analysis.of(content).hands(bars);
        checkCount(hands.isComplete() ? 0 : -1);
        Phrase written = phrase.first(bars);
        List<LimbNote> kept =
                hands.notes().stream().map(change).filter(Objects::nonNull).toList();
        if (kept.isEmpty()) {
            throw new InvalidValueException(
                    "nothing plays in the stage \"" + stage.task().title() + "\": no layer has notes for it");
        }
        WrittenOutNotes out = new WrittenOutNotes(written);
        hands.riffs().forEach(note -> out.add(note.voice(), note.at(), note.stroke()));
        kept.forEach(note -> out.add(
                note.voice(),
                note.at().plus(later).remainder(written.length()),
                note.stroke().by(note.limb())));
        return content.withPhrase(written).withLayers(out.layers());
    }
}
