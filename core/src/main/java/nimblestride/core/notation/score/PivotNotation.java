package nimblestride.core.notation.score;

import java.util.List;
import java.util.Optional;
import nimblestride.core.layer.modulation.Pivot;
import nimblestride.core.notation.score.BarPlan.Planned;
import org.apache.commons.numbers.fraction.BigFraction;

/**
 * Chooses the two values signed as equal where the written tempo changes: the units of the bars, if both sides have a
 * name then.
 */
final class PivotNotation {
    private PivotNotation() {}

    /** Returns the sign between two bars; empty where the tempo stays. */
    static Optional<Pivot> between(Planned before, Planned after) {
        if (before.stretch().equals(after.stretch())) {
            return Optional.empty();
        }
        BigFraction ratio = after.stretch().divide(before.stretch());
        return Optional.of(Pivot.reaching(
                ratio, List.of(after.bar().meter().unit(), before.bar().meter().unit())));
    }
}
