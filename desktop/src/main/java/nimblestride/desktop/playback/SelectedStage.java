package nimblestride.desktop.playback;

import java.util.Optional;
import java.util.function.Consumer;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.exercise.plan.Stage;
import nimblestride.core.exercise.plan.StageTask;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.practice.stage.StagedExercise;
import nimblestride.sound.render.ClickSettings;

/** What plays of an exercise while a stage of it is practiced. Worked out once for each. */
final class SelectedStage {
    private final Consumer<String> problem;
    private Optional<Staged> last = Optional.empty();

    private record Staged(Exercise exercise, Stage stage, Exercise played) {}

    /** @param problem shows that an exercise does not have a stage any longer */
    SelectedStage(Consumer<String> problem) {
        this.problem = problem;
    }

    /** Returns the exercise of a stage; the exercise itself where it does not have the stage any longer. */
    Exercise of(Exercise exercise, Stage stage) {
        Staged known = last.filter(one -> one.stage.equals(stage) && one.exercise.equals(exercise))
                .orElseGet(() -> new Staged(exercise, stage, worked(exercise, stage)));
        last = Optional.of(known);
        return known.played;
    }

    private Exercise worked(Exercise exercise, Stage stage) {
        try {
            return StagedExercise.of(exercise, stage);
        } catch (StrideException e) {
            problem.accept("I can't play this stage anymore: " + e.getMessage() + ".");
            return exercise.selectedOnly();
        }
    }

    /** Returns the click of a stage: counting aloud gets a click on every unit. */
    static ClickSettings clicked(ClickSettings click, Stage stage) {
        return stage.task() == StageTask.COUNT_ALOUD && !click.levels().isEmpty()
                ? click.with(ClickSettings.Level.UNIT, true)
                : click;
    }

    /** Returns what plays, in words: {@code , as written (fill),}. */
    static String words(Stage stage, int section) {
        boolean framed = stage.frame().hasTime() && !stage.frame().isFree();
        return ", " + stage.task().title() + (framed ? section == 0 ? " (time)" : " (fill)" : "") + ",";
    }
}
