package nimblestride.core.kit.variation;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import nimblestride.core.foundation.exact.ExactMath;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.kit.sticking.LeadHand;
import nimblestride.core.kit.sticking.Sticking;
import nimblestride.core.kit.stroke.Stroke;

/**
 * A sticking in cells, with one note of each left out: every way to choose which.
 *
 * @param cells lengths in steps, each two or more, together as long as the sticking
 * @param lead the stronger hand
 */
public record OneNoteLeftOut(Sticking base, List<Integer> cells, LeadHand lead) implements StickingVariations {
    public OneNoteLeftOut {
        cells = List.copyOf(cells);
        int sum = cells.stream().mapToInt(Integer::intValue).sum();
        if (sum != base.length() || cells.stream().anyMatch(cell -> cell < 2)) {
            throw new InvalidValueException("type cells of 2 or more that add up to the sticking's " + base.length()
                    + " steps; these add up to " + sum);
        }
    }

    /** Creates variations for players whose right hand is the stronger one. */
    public OneNoteLeftOut(Sticking base, List<Integer> cells) {
        this(base, cells, LeadHand.RIGHT);
    }

    @Override
    public Difficulty difficulty(Sticking variation) {
        return Difficulty.of(HandRun.NONE, variation.steps(), lead);
    }

    @Override
    public BigInteger count() {
        return cells.stream().map(BigInteger::valueOf).reduce(BigInteger.ONE, BigInteger::multiply);
    }

    /** Leaves out the last note of every cell first, where it is missed the least, whatever is left to play. */
    @Override
    public Sticking easiestFirst(BigInteger number) {
        return inOrder(count().subtract(BigInteger.ONE).subtract(number));
    }

    @Override
    public Sticking inOrder(BigInteger number) {
        List<Integer> out = new ArrayList<>();
        BigInteger left = number;
        for (int i = cells.size() - 1; i >= 0; i--) {
            BigInteger[] parts = left.divideAndRemainder(BigInteger.valueOf(cells.get(i)));
            out.add(ExactMath.toInt(ExactMath.toLong(parts[1])));
            left = parts[0];
        }
        Collections.reverse(out);
        List<Optional<Stroke>> steps = new ArrayList<>(base.steps());
        int start = 0;
        for (int i = 0; i < cells.size(); i++) {
            steps.set(start + out.get(i), Optional.empty());
            start += cells.get(i);
        }
        return new Sticking(steps);
    }
}
