package nimblestride.desktop.desk;

import java.util.List;
import nimblestride.core.exercise.Exercise;
import nimblestride.core.exercise.Finding;
import nimblestride.core.exercise.Findings;
import nimblestride.core.exercise.Reckoning;

/** An exercise and all that follows from it: what every view draws from. */
public record Answer(Reckoning reckoning, List<Finding> findings) {
    public static Answer to(Exercise exercise) {
        Reckoning reckoning = Reckoning.of(exercise);
        return new Answer(reckoning, Findings.of(reckoning));
    }

    public Exercise exercise() {
        return reckoning.exercise();
    }
}
