package nimblestride.core.language.sentence;

import java.util.List;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.exercise.plan.Stage;
import nimblestride.core.exercise.plan.StageTask;
import nimblestride.core.foundation.words.Capitalized;
import nimblestride.core.foundation.words.Counted;
import nimblestride.core.time.value.CommonNote;
import nimblestride.core.time.value.NoteName;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.time.value.Tempo;
import org.apache.commons.numbers.fraction.BigFraction;

/** Says in one line of a list what to play in a stage: {@code Right hand solo, at 70 %: 84 BPM (quarters)}. */
public final class StageSentence {
    private StageSentence() {}

    /** Says what to play of an exercise in a stage, and how fast. */
    public static String of(Exercise exercise, Stage stage) {
        StringBuilder said = new StringBuilder(Capitalized.of(task(exercise, stage.task())));
        if (!stage.layers().isEmpty()) {
            said.append(", only ").append(String.join(", ", stage.layers()));
        }
        if (stage.frame().isFree()) {
            said.append(", fills where you like");
        } else if (stage.frame().hasTime()) {
            said.append(", after ")
                    .append(Counted.count(stage.frame().time(), "bar"))
                    .append(" of time");
            if (stage.frame().fill() > 1) {
                said.append(", ").append(stage.frame().fill()).append(" in a row");
            }
        }
        said.append(", at ").append(stage.percent()).append(" %: ");
        said.append(Tempo.decimal(perMinute(exercise, stage)));
        return said.append(" BPM (")
                .append(NoteName.sayMany(exercise.tempo().beat()))
                .append(")")
                .toString();
    }

    /** Returns the tempo of a stage, in beats per minute. */
    public static BigFraction perMinute(Exercise exercise, Stage stage) {
        return exercise.tempo().perMinute().multiply(stage.percent()).divide(100);
    }

    private static String task(Exercise exercise, StageTask task) {
        if (task instanceof StageTask.InnerBar inner) {
            return inner.title() + " over and over";
        }
        if (task instanceof StageTask.SomeBars bars) {
            return bars.title() + " over and over";
        }
        if (task instanceof StageTask.Displaced late) {
            NoteValue unit = exercise.phrase().bar(0).meter().unit();
            return "everything " + CommonNote.of(List.of(unit)).say(unit.times(late.units())) + " late";
        }
        return task.title();
    }
}
