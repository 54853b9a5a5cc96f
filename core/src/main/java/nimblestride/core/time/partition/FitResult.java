package nimblestride.core.time.partition;

import java.math.BigInteger;
import java.util.List;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import nimblestride.core.foundation.failure.InvalidValueException;

/**
 * Which cells fill a length.
 *
 * @param count how many lists of cells there are
 * @param best a few lists, best first: fewer changes of cell, fewer cells, repeats first and the odd one last
 * @param nearest where nothing fits, the nearest length that can be filled
 */
public record FitResult(BigInteger count, List<List<Integer>> best, OptionalInt nearest) {
    /** The most lists that are returned. */
    public static final int BEST = 8;

    private static final int MAX_TRIED = 100;

    /**
     * Counts the lists, and returns the best few.
     *
     * @throws InvalidValueException if that is too much to search
     */
    public static FitResult of(Partitions filling) {
        filling.requireSearchable();
        BigInteger count = filling.count();
        boolean none = count.signum() == 0;
        List<List<Integer>> best = none
                ? List.of()
                : filling.bestFirst(PartitionCost.changesThenParts(filling.length()))
                        .limit(BEST)
                        .toList();
        return new FitResult(count, best, none ? nearest(filling) : OptionalInt.empty());
    }

    /** Of two that are equally near, returns the longer: adding is easier than removing. */
    private static OptionalInt nearest(Partitions filling) {
        boolean[] reached = new boolean[Partitions.MAX_LENGTH + 1];
        reached[0] = true;
        for (int length = 1; length < reached.length; length++) {
            for (int size : filling.sizes()) {
                reached[length] |= size <= length && reached[length - size];
            }
        }
        return IntStream.range(1, reached.length)
                .flatMap(away -> IntStream.of(filling.length() + away, filling.length() - away))
                .filter(length -> length >= 1 && length < reached.length && reached[length])
                .limit(MAX_TRIED)
                .filter(length -> filling.ofLength(length).count().signum() > 0)
                .findFirst();
    }
}
