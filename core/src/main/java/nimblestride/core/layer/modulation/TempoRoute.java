package nimblestride.core.layer.modulation;

import java.util.List;
import nimblestride.core.time.value.Tempo;

/**
 * A way from one tempo to another by regroupings.
 *
 * @param steps in the order in which they are played
 * @param reached the tempo it leads to
 * @param exact whether that is the tempo asked for
 */
public record TempoRoute(List<Regrouping> steps, Tempo reached, boolean exact) {
    /**
     * So many notes a beat in groups of another number: the ratio is notes over group.
     *
     * @param notes a beat
     * @param group how many of them become the new beat
     */
    public record Regrouping(int notes, int group) {
        public Pivot pivot() {
            return Pivot.regrouping(notes, group);
        }

        /** How much there is to count in it: the smaller, the simpler. */
        int effort() {
            return notes + group;
        }

        @Override
        public String toString() {
            return notes + " in groups of " + group;
        }
    }

    /** How much there is to count in all of it. */
    int effort() {
        return steps.stream().mapToInt(Regrouping::effort).sum();
    }

    /** The same as a chain of modulations. */
    public List<Pivot> pivots() {
        return steps.stream().map(Regrouping::pivot).toList();
    }
}
