package nimblestride.core.insight.fact;

import java.util.List;
import nimblestride.core.layer.modulation.Pivot;
import org.apache.commons.numbers.fraction.BigFraction;

/** How the sections of an exercise follow each other. */
public sealed interface SectionFact extends Fact {
    /**
     * A section comes back at another tempo than it had.
     *
     * @param had and {@code has} are in beats per minute
     * @param known section it had that tempo in, from 0
     * @param section it comes back in, from 0
     */
    record Drifted(String name, BigFraction had, BigFraction has, int known, int section) implements SectionFact {
        @Override
        public FactKind kind() {
            return FactKind.DRIFTED;
        }
    }

    /**
     * A section in its turn.
     *
     * @param perMinute beats at its tempo
     */
    record Turn(String name, BigFraction perMinute) {}

    /**
     * The sections in order.
     *
     * @param wayBack pivots to the first tempo, for the next time round; empty when the last tempo is the first
     * @param bars of all sections together
     * @param seconds of all sections together
     */
    record Order(List<Turn> turns, List<Pivot> wayBack, long bars, BigFraction seconds) implements SectionFact {
        @Override
        public FactKind kind() {
            return FactKind.SECTIONS;
        }
    }
}
