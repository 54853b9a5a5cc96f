package nimblestride.core.exercise.plan;

import java.util.List;
import nimblestride.core.foundation.failure.InvalidValueException;

/**
 * A step on the way to an exercise.
 *
 * @param layers the names of the layers that are played; none named for all
 * @param percent how fast, in hundredths of the exercise's own tempo, from {@value #MIN_PERCENT} to {@value #MAX_PERCENT}
 */
public record Stage(StageTask task, List<String> layers, TimeAndFill frame, int percent) {
    public static final int MIN_PERCENT = 10;
    public static final int MAX_PERCENT = 400;

    public Stage {
        layers = List.copyOf(layers);
        if (percent < MIN_PERCENT || percent > MAX_PERCENT) {
            throw new InvalidValueException("a stage is played at " + MIN_PERCENT + " to " + MAX_PERCENT
                    + " % of the tempo, not at " + percent);
        }
    }

    /** All layers, again and again, at the exercise's own tempo. */
    public static Stage of(StageTask task) {
        return new Stage(task, List.of(), TimeAndFill.NONE, 100);
    }

    public Stage at(int newPercent) {
        return new Stage(task, layers, frame, newPercent);
    }

    public Stage in(TimeAndFill newFrame) {
        return new Stage(task, layers, newFrame, percent);
    }

    /** Only these layers. */
    public Stage of(List<String> names) {
        return new Stage(task, names, frame, percent);
    }
}
