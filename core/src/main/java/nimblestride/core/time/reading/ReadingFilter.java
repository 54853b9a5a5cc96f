package nimblestride.core.time.reading;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import nimblestride.core.time.meter.Grouping;
import nimblestride.core.time.partition.PartitionConstraints;
import nimblestride.core.time.partition.Partitions;

/**
 * What a reading must satisfy.
 *
 * @param first size of the first group; empty for any
 * @param last size of the last group; empty for any
 * @param mostGroups most groups
 * @param sizes the only sizes allowed; empty for any
 * @param kept grouping whose order to keep: its groups may be divided, or neighbors joined, but not moved; empty for
 *     none
 */
public record ReadingFilter(
        OptionalInt first, OptionalInt last, int mostGroups, Set<Integer> sizes, Optional<Grouping> kept) {
    /** Every reading. */
    public static final ReadingFilter ANY =
            new ReadingFilter(OptionalInt.empty(), OptionalInt.empty(), Integer.MAX_VALUE, Set.of(), Optional.empty());

    /** Returns the filter that allows some sizes of groups only. */
    public static ReadingFilter ofSizes(Set<Integer> sizes) {
        return new ReadingFilter(OptionalInt.empty(), OptionalInt.empty(), Integer.MAX_VALUE, sizes, Optional.empty());
    }

    /** @throws nimblestride.core.foundation.failure.InvalidValueException if a number is out of range */
    public ReadingFilter {
        sizes = Set.copyOf(sizes);
    }

    boolean allows(List<Integer> groups) {
        return (first.isEmpty() || groups.get(0) == first.getAsInt())
                && (last.isEmpty() || groups.get(groups.size() - 1) == last.getAsInt())
                && groups.size() <= mostGroups
                && (sizes.isEmpty() || sizes.containsAll(groups))
                && kept.map(grouping -> keepsOrder(grouping.sizes(), groups)).orElse(true);
    }

    private static boolean keepsOrder(List<Integer> one, List<Integer> other) {
        Set<Integer> bounds = bounds(one);
        Set<Integer> others = bounds(other);
        return bounds.containsAll(others) || others.containsAll(bounds);
    }

    /** Returns where one group ends and the next starts. */
    private static Set<Integer> bounds(List<Integer> groups) {
        Set<Integer> bounds = new HashSet<>();
        int at = 0;
        for (int size : groups.subList(0, groups.size() - 1)) {
            at += size;
            bounds.add(at);
        }
        return bounds;
    }

    /**
     * Returns the partitions that satisfy the filter, so that nothing is built only to be dropped; empty if no size is
     * allowed.
     */
    Optional<Partitions> applyTo(int length, List<Integer> ofSizes) {
        List<Integer> allowed = ofSizes.stream()
                .filter(size -> sizes.isEmpty() || sizes.contains(size))
                .toList();
        return allowed.isEmpty()
                ? Optional.empty()
                : Optional.of(Partitions.of(length, allowed).with(demands()));
    }

    /** Sizes small enough to be groups of the kept grouping divide those; they do not join them. */
    private PartitionConstraints demands() {
        Set<Integer> bounds = kept.map(grouping -> bounds(grouping.sizes())).orElse(Set.of());
        return new PartitionConstraints(first, last, mostGroups, false, false, false, bounds);
    }
}
