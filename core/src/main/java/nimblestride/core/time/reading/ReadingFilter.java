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
 * What is asked of a reading.
 *
 * @param first the size of the first group, if that is asked for
 * @param last the size of the last group, if that is asked for
 * @param mostGroups how many groups there may be
 * @param sizes the only sizes there may be; empty for any
 * @param kept the grouping whose order is to be kept: its groups may be divided, or neighbours joined, but not moved
 */
public record ReadingFilter(
        OptionalInt first, OptionalInt last, int mostGroups, Set<Integer> sizes, Optional<Grouping> kept) {
    /** Nothing in particular. */
    public static final ReadingFilter ANY =
            new ReadingFilter(OptionalInt.empty(), OptionalInt.empty(), Integer.MAX_VALUE, Set.of(), Optional.empty());

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

    /** Where one group ends and the next begins. */
    private static Set<Integer> bounds(List<Integer> groups) {
        Set<Integer> bounds = new HashSet<>();
        int at = 0;
        for (int size : groups.subList(0, groups.size() - 1)) {
            at += size;
            bounds.add(at);
        }
        return bounds;
    }

    /** A filling that keeps the wish, so that nothing is built only to be left out; empty if no size of it is allowed. */
    Optional<Partitions> applyTo(int length, List<Integer> ofSizes) {
        List<Integer> allowed = ofSizes.stream()
                .filter(size -> sizes.isEmpty() || sizes.contains(size))
                .toList();
        return allowed.isEmpty()
                ? Optional.empty()
                : Optional.of(Partitions.of(length, allowed).with(demands()));
    }

    /** Sizes that are small enough to be groups of the kept grouping divide those; they do not join them. */
    private PartitionConstraints demands() {
        Set<Integer> bounds = kept.map(grouping -> bounds(grouping.sizes())).orElse(Set.of());
        return new PartitionConstraints(first, last, mostGroups, false, false, false, bounds);
    }
}
