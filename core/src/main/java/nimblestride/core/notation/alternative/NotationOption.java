package nimblestride.core.notation.alternative;

import java.util.List;
import java.util.Optional;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.notation.score.BarPlan;
import nimblestride.core.notation.score.Score;

/**
 * A way to write an exercise.
 *
 * @param name what is done, in a few words
 * @param plan bars it is written in
 * @param score its beginning, written this way
 * @param speaksFor what makes it easy to read
 * @param speaksAgainst what makes it hard
 * @param effort of reading it: the less the better
 * @param strokes strokes of its score that were read back at the very moments they sound
 * @param rewritten the exercise itself in these bars, where that is possible
 */
public record NotationOption(
        String name,
        BarPlan plan,
        Score score,
        List<String> speaksFor,
        List<String> speaksAgainst,
        double effort,
        int strokes,
        Optional<Exercise> rewritten) {
    public NotationOption {
        speaksFor = List.copyOf(speaksFor);
        speaksAgainst = List.copyOf(speaksAgainst);
    }
}
