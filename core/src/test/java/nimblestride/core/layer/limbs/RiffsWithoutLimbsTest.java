package nimblestride.core.layer.limbs;

import static nimblestride.core.language.text.Examples.exercise;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import nimblestride.core.exercise.analysis.Analysis;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.exercise.plan.Stage;
import nimblestride.core.exercise.plan.StageTask;
import nimblestride.core.kit.voice.Limb;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.practice.stage.StagedExercise;
import nimblestride.core.practice.timing.ExpectedHits;
import nimblestride.core.time.value.NoteValue;
import org.junit.jupiter.api.Test;

/** What another player plays stays out of what the hands must do, and goes on while they practice. */
class RiffsWithoutLimbsTest {
    private static final Exercise EXERCISE = exercise(
            "7/8(2+2+3)", "ride every 1/8", "snare every 1/4", "\"bass line\" cell x.x of 1/16", "kick every 7/8");

    @Test
    void noLimbPlaysARiff() {
        LimbAssignment hands = Analysis.of(EXERCISE).hands(1);
        assertThat(hands.notes()).extracting(LimbNote::layer).containsOnly(0, 1, 3);
        assertThat(hands.riffs())
                .extracting(note -> note.at().toString())
                .startsWith("0", "1/8", "3/16")
                .hasSize(9);
        assertThat(hands.clashes())
                .isEqualTo(Analysis.of(EXERCISE.withoutLayer(2)).hands(1).clashes());
    }

    @Test
    void noPadWaitsForARiff() {
        ExpectedHits expected = new ExpectedHits(EXERCISE, 100, bar -> false);
        assertThat(expected.between(Set.of("bass line"), NoteValue.ZERO, NoteValue.WHOLE))
                .isEmpty();
        assertThat(expected.between(Set.of("bass line", "kick"), NoteValue.ZERO, NoteValue.WHOLE))
                .hasSize(2);
    }

    @Test
    void inEveryStageTheRiffGoesOnWhereItIs() {
        List<Stage> stages = List.of(
                Stage.of(StageTask.COUNT_ALOUD),
                Stage.of(StageTask.PAD),
                Stage.of(StageTask.PLAIN),
                Stage.of(new StageTask.OneLimb(Limb.KICK_FOOT)),
                Stage.of(new StageTask.Displaced(1)),
                Stage.of(new StageTask.SomeBars(1, 1)));
        List<NoteValue> written = riffIn(EXERCISE);
        assertThat(stages).allSatisfy(stage -> assertThat(riffIn(StagedExercise.of(EXERCISE, stage)))
                .as(stage.toString())
                .isEqualTo(written));
    }

    private static List<NoteValue> riffIn(Exercise exercise) {
        return Analysis.of(exercise).hands(1).riffs().stream().map(RiffNote::at).toList();
    }

    @Test
    void aFootWrittenInARiffIsStillTheRiff() {
        Exercise exercise = exercise("4/4", "riff sticking R K of 1/4");
        assertThat(exercise.layers()).extracting(Layer::voice).allMatch(Voice::isRiff);
        assertThat(Analysis.of(exercise).hands(1).notes()).isEmpty();
        assertThat(Analysis.of(exercise).hands(1).riffs()).hasSize(4);
    }
}
