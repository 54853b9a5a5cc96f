package nimblestride.core.kit.variation;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import nimblestride.core.kit.sticking.Sticking;

/**
 * The variations that are as somebody wants them, in order, as far as they were looked at.
 *
 * @param found their numbers
 * @param looked how many were looked at, from the first
 * @param isComplete whether these are all there are
 */
public record VariationSearch(List<BigInteger> found, int looked, boolean isComplete) {
    /** The most variations looked at. */
    public static final int MOST_LOOKED_AT = 50_000;

    public VariationSearch {
        found = List.copyOf(found);
    }

    /** Looks for variations, in the order of a plan. */
    public static VariationSearch of(StickingVariations all, VariationPlan plan, Predicate<Sticking> wanted) {
        int most = all.count().min(BigInteger.valueOf(MOST_LOOKED_AT)).intValueExact();
        List<BigInteger> found = new ArrayList<>();
        for (int i = 0; i < most; i++) {
            BigInteger number = BigInteger.valueOf(i);
            if (wanted.test(all.deal(plan.order(), number, plan.seed()))) {
                found.add(number);
            }
        }
        return new VariationSearch(found, most, all.count().equals(BigInteger.valueOf(most)));
    }
}
