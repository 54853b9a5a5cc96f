package nimblestride.core.kit.variation;

import java.math.BigInteger;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.kit.sticking.LeadHand;
import nimblestride.core.kit.sticking.Sticking;
import nimblestride.core.kit.stroke.Stroke;

/**
 * What to vary of a sticking, and in which order, as it is kept with an exercise.
 *
 * @param base the sticking as it was before
 * @param free what changes; the rest is frozen
 * @param seed of the random order
 */
public record VariationPlan(Sticking base, Free free, StickingVariations.Order order, long seed) {
    /** Which part of a sticking changes, and how. */
    public sealed interface Free {
        /**
         * Every way to fill some steps.
         *
         * @param from first free step, from 0
         * @param to step after the last free one
         * @param choices for a free step, each once
         * @param mostInARow strokes in a row by one hand
         */
        record Steps(int from, int to, List<Optional<Stroke>> choices, int mostInARow) implements Free {
            public Steps {
                choices = List.copyOf(choices);
            }
        }

        /**
         * One note left out of each cell.
         *
         * @param cells lengths in steps
         */
        record Cells(List<Integer> cells) implements Free {
            public Cells {
                cells = List.copyOf(cells);
            }
        }
    }

    /**
     * Returns the variations.
     *
     * @throws InvalidValueException if the free part does not fit the sticking
     */
    public StickingVariations variations(LeadHand lead) {
        if (free instanceof Free.Cells cells) {
            return new OneNoteLeftOut(base, cells.cells, lead);
        }
        Free.Steps steps = (Free.Steps) free;
        return new Combinations(base, steps.from, steps.to, steps.choices, steps.mostInARow, lead);
    }

    /**
     * Returns the number of the variation for a day: another one each day, and each once before any comes again.
     *
     * @param variations those of this plan, at least one
     */
    public BigInteger numberOn(LocalDate day, StickingVariations variations) {
        BigInteger count = variations.count();
        BigInteger number = BigInteger.valueOf(day.toEpochDay()).mod(count);
        BigInteger shuffled = ShuffledOrder.of(count, new Random(seed)).apply(number);
        // At random, the order is shuffled already.
        return order == StickingVariations.Order.AT_RANDOM ? number : shuffled;
    }
}
