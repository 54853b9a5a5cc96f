package nimblestride.core.exercise.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.kit.sticking.Sticking;

/**
 * How an exercise is practised.
 *
 * @param ticked the stickings among those that were dealt that have been practised, each once; at most {@value #MAX_TICKED}
 * @param stages the way to it, step by step; at most {@value #MAX_STAGES}
 * @param ladder the way to its tempo, if there is one
 */
public record PracticePlan(List<Sticking> ticked, List<Stage> stages, Optional<Ladder> ladder) {
    public static final int MAX_TICKED = 100_000;
    public static final int MAX_STAGES = 100;

    /** Nothing said about it. */
    public static final PracticePlan NONE = new PracticePlan(List.of(), List.of(), Optional.empty());

    public PracticePlan {
        ticked = ticked.stream().distinct().toList();
        stages = List.copyOf(stages);
        if (stages.size() > MAX_STAGES) {
            throw new InvalidValueException("an exercise has at most " + MAX_STAGES + " stages, not " + stages.size());
        }
    }

    public PracticePlan withTicked(List<Sticking> newTicked) {
        return new PracticePlan(newTicked, stages, ladder);
    }

    /** With a sticking ticked off as practised, or no longer. */
    public PracticePlan withVariationTicked(Sticking sticking, boolean isTicked) {
        List<Sticking> changed = new ArrayList<>(ticked);
        changed.remove(sticking);
        if (isTicked) {
            changed.add(sticking);
        }
        return withTicked(changed);
    }

    public PracticePlan withStages(List<Stage> newStages) {
        return new PracticePlan(ticked, newStages, ladder);
    }

    public PracticePlan withLadder(Optional<Ladder> newLadder) {
        return new PracticePlan(ticked, stages, newLadder);
    }
}
