package nimblestride.core.exercise.plan;

import java.util.List;
import nimblestride.core.foundation.failure.InvalidValueException;

/**
 * A step that leads to an exercise.
 *
 * @param layers names of the layers to play; empty for all
 * @param percent of the exercise's own tempo, from {@value #MIN_PERCENT} to {@value #MAX_PERCENT}
 */
public record Stage(StageTask task, List<String> layers, TimeAndFill frame, int percent) {
    /** The slowest stage, in percent of the tempo. */
    public static final int MIN_PERCENT = 10;
    /** The fastest stage, in percent of the tempo. */
    public static final int MAX_PERCENT = 400;

    /** @throws InvalidValueException if the percentage is out of range */
    public Stage {
        layers = List.copyOf(layers);
        if (percent < MIN_PERCENT || percent > MAX_PERCENT) {
            throw new InvalidValueException(
                    "a stage plays at " + MIN_PERCENT + " to " + MAX_PERCENT + " % of the tempo, not at " + percent);
        }
    }

    /** Returns a stage of all layers, without time between, at the exercise's own tempo. */
    public static Stage of(StageTask task) {
        return new Stage(task, List.of(), TimeAndFill.NONE, 100);
    }

    /**
     * Returns the stage at another percentage of the tempo.
     *
     * @throws InvalidValueException if it is out of range
     */
    public Stage at(int newPercent) {
        return new Stage(task, layers, frame, newPercent);
    }

    /** Returns the stage with other time and fill. */
    public Stage in(TimeAndFill newFrame) {
        return new Stage(task, layers, newFrame, percent);
    }

    /** Returns the stage with some layers only. */
    public Stage of(List<String> names) {
        return new Stage(task, names, frame, percent);
    }
}
