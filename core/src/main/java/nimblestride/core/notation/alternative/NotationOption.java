package nimblestride.core.notation.alternative;

import java.util.List;
import java.util.Optional;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.notation.score.BarPlan;
import nimblestride.core.notation.score.Score;

/**
 * A way to write an exercise down.
 *
 * @param name what is done, in a few words
 * @param plan the bars it is written in
 * @param score the beginning of it, written so
 * @param speaksFor what makes it easy to read here
 * @param speaksAgainst what makes it hard
 * @param effort of reading it: the less the better
 * @param strokes how many strokes of its score were read back and found at the very moments they are heard
 * @param rewritten the exercise itself in these bars, where it can be
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
