package nimblestride.core.practice.stage;

import static nimblestride.core.language.text.Examples.exercise;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import nimblestride.core.exercise.analysis.Analysis;
import nimblestride.core.exercise.analysis.Playthrough;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.exercise.plan.Stage;
import nimblestride.core.exercise.plan.StageTask;
import nimblestride.core.exercise.plan.TimeAndFill;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.stroke.Ornament;
import nimblestride.core.kit.voice.Limb;
import nimblestride.core.language.text.StageText;
import nimblestride.core.layer.limbs.LimbAssignment;
import nimblestride.core.layer.limbs.LimbNote;
import nimblestride.core.time.value.NoteValue;
import org.junit.jupiter.api.Test;

class StagedExerciseTest {
    private static final Exercise GROOVE = exercise(
            "7/8",
            "hi-hat every 1/8",
            "snare cell ..X.g.. of 1/8",
            "kick sticking K . . K . . . of 1/8",
            "cowbell every 3/16");

    private static Set<String> sounding(Exercise played, long bars) {
        return Analysis.of(played).hands(bars).notes().stream()
                .map(note -> note.at() + " " + note.voice().name())
                .collect(Collectors.toCollection(TreeSet::new));
    }

    @Test
    void theWayLeadsFromCountingToTheExerciseItself() {
        List<Stage> stages = StageSuggestions.leadingTo(GROOVE);
        assertThat(stages.stream().map(StageText::write))
                .startsWith(
                        "count aloud at 60 %",
                        "pad hand to hand at 60 %",
                        "right hand solo of hi-hat, snare, kick at 60 %",
                        "left hand solo of hi-hat, snare, kick at 60 %",
                        "kick foot solo of hi-hat, snare, kick at 60 %",
                        "all limbs of hi-hat, snare, kick at 60 %",
                        "accents and ghosts of hi-hat, snare, kick at 65 %",
                        "as written at 70 %",
                        "displaced by 1 at 70 %",
                        "as written in 1+1 at 80 %")
                .endsWith("as written in 7+1 at 95 %", "as written in free time", "as written");
        stages.forEach(
                stage -> assertThatCode(() -> StagedExercise.of(GROOVE, stage)).doesNotThrowAnyException());
    }

    @Test
    void withoutLayersThereIsOnlyToCountAndToPad() {
        assertThat(StageSuggestions.leadingTo(exercise("7/8"))).hasSize(2);
        Exercise counted = StagedExercise.of(GROOVE, Stage.of(StageTask.COUNT_ALOUD));
        assertThat(counted.layers()).isEmpty();
        assertThat(counted.phrase()).isEqualTo(GROOVE.phrase());
    }

    @Test
    void onThePadTheHandsGoOnAcrossTheBarLineAndTheFootIsOnEachOne() {
        Exercise pad = StagedExercise.of(exercise("7/8, 5/8", "snare every 1/8"), Stage.of(StageTask.PAD));
        LimbAssignment hands = Analysis.of(pad).hands(2);
        List<LimbNote> struck =
                hands.notes().stream().filter(note -> note.limb().isHand()).toList();
        assertThat(struck).hasSize(12);
        for (int i = 0; i < struck.size(); i++) {
            assertThat(struck.get(i).limb()).isEqualTo(i % 2 == 0 ? Limb.RIGHT_HAND : Limb.LEFT_HAND);
        }
        assertThat(hands.notes().stream()
                        .filter(note -> note.limb() == Limb.KICK_FOOT)
                        .map(LimbNote::at))
                .containsExactly(NoteValue.ZERO, NoteValue.of(7, 8));
    }

    @Provide
    static Arbitrary<Exercise> exercises() {
        Arbitrary<String> layers = Arbitraries.of(
                "hi-hat every 1/8",
                "kick every 3/16 from 1/16",
                "snare 4 over bar reset bar",
                "snare cell X.g of 1/16",
                "snare sticking >R L rR (L) K . of 1/16",
                "high tom 3 over phrase");
        Arbitrary<String> bars = Arbitraries.of("7/8", "5/8, 9/16", "4/4", "11/8(3+3+3+2) x2, 9/16");
        return Combinators.combine(bars, layers.set().ofMinSize(1).ofMaxSize(3))
                .as((typed, played) -> exercise(typed, played.toArray(new String[0])));
    }

    /** Each limb alone, all of them laid together, is what all limbs play; nothing is lost and nothing is added. */
    @Property(tries = 150)
    void theLimbsTogetherAreAllLimbs(@ForAll("exercises") Exercise exercise) {
        long bars = Playthrough.untilRealigned(exercise).passages().get(0).bars();
        Exercise all = StagedExercise.of(exercise, Stage.of(StageTask.PLAIN));
        Set<String> together = new TreeSet<>();
        for (Limb limb : Analysis.of(exercise).hands(bars).limbs()) {
            Exercise alone = StagedExercise.of(exercise, Stage.of(new StageTask.OneLimb(limb)));
            LimbAssignment hands = Analysis.of(alone).hands(bars);
            assertThat(hands.limbs()).containsExactly(limb);
            together.addAll(sounding(alone, bars));
        }
        assertThat(together).isEqualTo(sounding(all, bars)).isEqualTo(sounding(exercise, bars));
        assertThat(Analysis.of(all).hands(bars).notes())
                .allMatch(note ->
                        note.stroke().level() == Dynamic.NORMAL && note.stroke().ornament() == Ornament.NONE);
    }

    /** Displaced, every note stands as many units later, round the end of all rounds. */
    @Property(tries = 100)
    void whatIsDisplacedIsAllThereLater(
            @ForAll("exercises") Exercise exercise, @ForAll @IntRange(min = 1, max = 9) int units) {
        long bars = Playthrough.untilRealigned(exercise).passages().get(0).bars();
        NoteValue length = exercise.phrase().startOf(bars);
        NoteValue later = exercise.phrase().bars().get(0).meter().unit().times(units);
        Exercise displaced = StagedExercise.of(exercise, Stage.of(new StageTask.Displaced(units)));
        Set<String> expected = Analysis.of(exercise).hands(bars).notes().stream()
                .map(note -> note.at().plus(later).remainder(length) + " "
                        + note.voice().name())
                .collect(Collectors.toCollection(TreeSet::new));
        assertThat(sounding(displaced, bars)).isEqualTo(expected);
    }

    @Test
    void inAFrameTimeComesFirstAndThenSoManyRoundsOfTheExercise() {
        Exercise framed =
                StagedExercise.of(GROOVE, Stage.of(StageTask.AS_WRITTEN).in(new TimeAndFill(3, 2)));
        assertThat(framed.sections()).extracting(section -> section.rounds()).containsExactly(3, 1);
        Playthrough played = Playthrough.of(framed);
        assertThat(played.passages().get(0).bars()).isEqualTo(3);
        assertThat(played.passages().get(1).bars()).isEqualTo(2);
        // The cowbell begins anew with each fill.
        assertThat(sounding(played.passages().get(1).content(), 2)).contains("0 cowbell", "3/16 cowbell");
        assertThat(StagedExercise.of(GROOVE, Stage.of(StageTask.AS_WRITTEN).in(TimeAndFill.FREE))
                        .layerNames())
                .containsExactly("hi-hat", "kick", "snare");
    }

    @Test
    void whatCannotBeStagedSaysWhy() {
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() ->
                        StagedExercise.of(GROOVE, Stage.of(StageTask.AS_WRITTEN).of(List.of("bell"))))
                .withMessageContaining("no layer is named \"bell\"; this exercise has hi-hat, snare, kick, cowbell");
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> StagedExercise.of(GROOVE, Stage.of(new StageTask.OneLimb(Limb.HAT_FOOT))))
                .withMessageContaining("nothing plays");
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(
                        () -> StagedExercise.of(exercise("64/64 x5000", "snare every 1/64"), Stage.of(StageTask.PAD)))
                .withMessageContaining("more than");
        assertThatExceptionOfType(StrideException.class).isThrownBy(() -> new TimeAndFill(0, 0));
    }
}
