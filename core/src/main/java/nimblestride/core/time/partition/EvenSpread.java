package nimblestride.core.time.partition;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import nimblestride.core.foundation.failure.InvalidValueException;

/**
 * Spreads hits as evenly as a grid allows: gaps differ by one unit at most, and are themselves spread evenly. The
 * order is that of Bjorklund's algorithm, as in Toussaint, "The Euclidean Algorithm Generates Traditional Musical
 * Rhythms" (2005).
 */
public final class EvenSpread {
    private EvenSpread() {}

    /**
     * Returns the gaps from each hit to the next.
     *
     * @param hits one or more
     * @param units at least as many as hits, at most {@value Partitions#MAX_LENGTH}
     */
    public static List<Integer> of(int hits, int units) {
        if (hits < 1 || units < hits || units > Partitions.MAX_LENGTH) {
            throw new InvalidValueException(String.format(
                    Locale.ROOT,
                    "spread 1 hit or more, up to one per unit, over up to %,d units; this is %,d over %,d",
                    Partitions.MAX_LENGTH,
                    hits,
                    units));
        }
        return gaps(spread(hits, units));
    }

    /** Deals the rests, and then the shorter groups, out to the others until one is left over. */
    private static List<Boolean> spread(int hits, int units) {
        List<List<Boolean>> heads = new ArrayList<>(Collections.nCopies(hits, List.of(true)));
        List<List<Boolean>> tails = new ArrayList<>(Collections.nCopies(units - hits, List.of(false)));
        boolean begun = false;
        while (tails.size() > 1 || (!begun && !tails.isEmpty())) {
            begun = true;
            int pairs = Math.min(heads.size(), tails.size());
            List<List<Boolean>> joined = new ArrayList<>();
            for (int i = 0; i < pairs; i++) {
                List<Boolean> both = new ArrayList<>(heads.get(i));
                both.addAll(tails.get(i));
                joined.add(both);
            }
            List<List<Boolean>> left = new ArrayList<>(
                    heads.size() > pairs ? heads.subList(pairs, heads.size()) : tails.subList(pairs, tails.size()));
            heads.clear();
            heads.addAll(joined);
            tails = left;
        }
        List<Boolean> signs = new ArrayList<>();
        heads.forEach(signs::addAll);
        tails.forEach(signs::addAll);
        return signs;
    }

    private static List<Integer> gaps(List<Boolean> signs) {
        List<Integer> gaps = new ArrayList<>();
        for (boolean hit : signs) {
            if (hit) {
                gaps.add(1);
            } else {
                gaps.set(gaps.size() - 1, gaps.get(gaps.size() - 1) + 1);
            }
        }
        return gaps;
    }
}
