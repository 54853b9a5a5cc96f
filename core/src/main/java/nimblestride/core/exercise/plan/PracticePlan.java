package nimblestride.core.exercise.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.kit.sticking.Sticking;
import nimblestride.core.kit.variation.VariationPlan;

/**
 * How to practice an exercise.
 *
 * @param ticked variations that have been practiced, each once; at most {@value #MAX_TICKED}
 * @param stages steps that lead to it; at most {@value #MAX_STAGES}
 * @param ladder tempos that lead to its own; empty for none
 * @param varied the sticking whose variations are practiced; empty for none
 */
public record PracticePlan(
        List<Sticking> ticked, List<Stage> stages, Optional<Ladder> ladder, Optional<VariationPlan> varied) {
    /** The most variations ticked off. */
    public static final int MAX_TICKED = 100_000;
    /** The most stages. */
    public static final int MAX_STAGES = 100;

    /** No plan. */
    public static final PracticePlan NONE = new PracticePlan(List.of(), List.of(), Optional.empty(), Optional.empty());

    /** @throws InvalidValueException if there are too many variations or stages */
    public PracticePlan {
        ticked = ticked.stream().distinct().toList();
        stages = List.copyOf(stages);
        if (stages.size() > MAX_STAGES) {
            throw new InvalidValueException("an exercise holds up to " + MAX_STAGES + " stages, not " + stages.size());
        }
    }

    /**
     * Returns the plan with other variations ticked off.
     *
     * @throws InvalidValueException if there are too many
     */
    public PracticePlan withTicked(List<Sticking> newTicked) {
        return new PracticePlan(newTicked, stages, ladder, varied);
    }

    /**
     * Returns the plan with a variation ticked off as practiced, or not.
     *
     * @throws InvalidValueException if there are too many
     */
    public PracticePlan withVariationTicked(Sticking sticking, boolean isTicked) {
        List<Sticking> changed = new ArrayList<>(ticked);
        changed.remove(sticking);
        if (isTicked) {
            changed.add(sticking);
        }
        return withTicked(changed);
    }

    /**
     * Returns the plan with other stages.
     *
     * @throws InvalidValueException if there are more than {@value #MAX_STAGES}
     */
    public PracticePlan withStages(List<Stage> newStages) {
        return new PracticePlan(ticked, newStages, ladder, varied);
    }

    /** Returns the plan with another ladder. */
    public PracticePlan withLadder(Ladder newLadder) {
        return new PracticePlan(ticked, stages, Optional.of(newLadder), varied);
    }

    /** Returns the plan with other variations to practice. */
    public PracticePlan withVaried(VariationPlan newVaried) {
        return new PracticePlan(ticked, stages, ladder, Optional.of(newVaried));
    }

    /** Returns the plan without a ladder. */
    public PracticePlan withoutLadder() {
        return new PracticePlan(ticked, stages, Optional.empty(), varied);
    }
}
