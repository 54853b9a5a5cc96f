package nimblestride.desktop.desk;

import java.util.List;
import nimblestride.core.exercise.Exercise;
import nimblestride.core.exercise.Reckoning;
import nimblestride.core.finding.Finding;
import nimblestride.core.finding.Findings;
import nimblestride.core.hands.Hands;

/**
 * An exercise and all that follows from it: what every view draws from.
 *
 * @param opening who plays what in the first bars of the phrase, at most {@value #OPENING_BARS}
 */
public record Answer(Reckoning reckoning, List<Finding> findings, Hands opening) {
    public static final int OPENING_BARS = 64;

    public static Answer to(Exercise exercise) {
        Reckoning reckoning = Reckoning.of(exercise);
        int bars = Math.min(OPENING_BARS, exercise.phrase().bars().size());
        return new Answer(reckoning, Findings.of(reckoning), reckoning.hands(bars));
    }

    public Exercise exercise() {
        return reckoning.exercise();
    }
}
