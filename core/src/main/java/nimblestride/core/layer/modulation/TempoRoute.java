package nimblestride.core.layer.modulation;

import java.util.List;
import nimblestride.core.time.value.Tempo;

/**
 * A way from one tempo to another by regroupings.
 *
 * @param steps in the order in which they are played
 * @param reached tempo the route leads to
 * @param exact whether that is the tempo asked for
 */
public record TempoRoute(List<Regrouping> steps, Tempo reached, boolean exact) {
    /**
     * A regrouping: a number of notes per beat in groups of another number. The ratio is notes over group.
     *
     * @param notes per beat
     * @param group notes that become the new beat
     */
    public record Regrouping(int notes, int group) {
        /** Returns the regrouping as a pivot. */
        public Pivot pivot() {
            return Pivot.regrouping(notes, group);
        }

        /** Returns how much there is to count in the step: the smaller, the simpler. */
        int effort() {
            return notes + group;
        }

        @Override
        public String toString() {
            return notes + " in groups of " + group;
        }
    }

    /** Returns how much there is to count in the whole route. */
    int effort() {
        return steps.stream().mapToInt(Regrouping::effort).sum();
    }

    /** Returns the route as a chain of pivots. */
    public List<Pivot> pivots() {
        return steps.stream().map(Regrouping::pivot).toList();
    }
}
