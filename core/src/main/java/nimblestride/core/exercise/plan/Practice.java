package nimblestride.core.exercise.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.kit.sticking.Sticking;

/**
 * How an exercise is practised.
 *
 * @param dealt the stickings among those that were dealt that have been practised, each once; at most {@value #MOST_DEALT}
 * @param stages the way to it, step by step; at most {@value #MOST_STAGES}
 * @param ladder the way to its tempo, if there is one
 */
public record Practice(List<Sticking> dealt, List<Stage> stages, Optional<Ladder> ladder) {
    public static final int MOST_DEALT = 100_000;
    public static final int MOST_STAGES = 100;

    /** Nothing said about it. */
    public static final Practice NONE = new Practice(List.of(), List.of(), Optional.empty());

    public Practice {
        dealt = dealt.stream().distinct().toList();
        stages = List.copyOf(stages);
        if (stages.size() > MOST_STAGES) {
            throw new InvalidValueException("an exercise has at most " + MOST_STAGES + " stages, not " + stages.size());
        }
    }

    public Practice withDealt(List<Sticking> newDealt) {
        return new Practice(newDealt, stages, ladder);
    }

    /** With a sticking ticked off as practised, or no longer. */
    public Practice withDealt(Sticking sticking, boolean ticked) {
        List<Sticking> changed = new ArrayList<>(dealt);
        changed.remove(sticking);
        if (ticked) {
            changed.add(sticking);
        }
        return withDealt(changed);
    }

    public Practice withStages(List<Stage> newStages) {
        return new Practice(dealt, newStages, ladder);
    }

    public Practice withLadder(Optional<Ladder> newLadder) {
        return new Practice(dealt, stages, newLadder);
    }
}
