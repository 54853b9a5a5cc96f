package nimblestride.core.time.partition;

import java.util.OptionalInt;
import java.util.Set;
import nimblestride.core.foundation.failure.InvalidValueException;

/**
 * What is asked of the parts that fill a length, besides their sizes.
 *
 * @param first the size of the first part, if that is asked for
 * @param last the size of the last part, if that is asked for
 * @param mostParts how many parts there may be, one or more
 * @param eachAtLeastOnce whether every size occurs
 * @param alikeTogether whether parts of one size stand together
 * @param leadHandBack whether the hand that led begins the next time round: with a stroke on every unit, hand to hand,
 *     the length is then even
 * @param bounds moments, counted from the beginning, at which one part ends and another begins
 */
public record PartitionConstraints(
        OptionalInt first,
        OptionalInt last,
        int mostParts,
        boolean eachAtLeastOnce,
        boolean alikeTogether,
        boolean leadHandBack,
        Set<Integer> bounds) {
    /** Nothing in particular. */
    public static final PartitionConstraints NONE = new PartitionConstraints(
            OptionalInt.empty(), OptionalInt.empty(), Integer.MAX_VALUE, false, false, false, Set.of());

    public PartitionConstraints {
        if (mostParts < 1) {
            throw new InvalidValueException("a length is filled with 1 part or more, not " + mostParts);
        }
        bounds = Set.copyOf(bounds);
    }

    public PartitionConstraints startingWith(int size) {
        return new PartitionConstraints(
                OptionalInt.of(size), last, mostParts, eachAtLeastOnce, alikeTogether, leadHandBack, bounds);
    }

    public PartitionConstraints endingWith(int size) {
        return new PartitionConstraints(
                first, OptionalInt.of(size), mostParts, eachAtLeastOnce, alikeTogether, leadHandBack, bounds);
    }

    public PartitionConstraints atMost(int parts) {
        return new PartitionConstraints(first, last, parts, eachAtLeastOnce, alikeTogether, leadHandBack, bounds);
    }

    public PartitionConstraints eachOnce() {
        return new PartitionConstraints(first, last, mostParts, true, alikeTogether, leadHandBack, bounds);
    }

    public PartitionConstraints together() {
        return new PartitionConstraints(first, last, mostParts, eachAtLeastOnce, true, leadHandBack, bounds);
    }

    public PartitionConstraints handBack() {
        return new PartitionConstraints(first, last, mostParts, eachAtLeastOnce, alikeTogether, true, bounds);
    }

    public PartitionConstraints with(Set<Integer> newBounds) {
        return new PartitionConstraints(
                first, last, mostParts, eachAtLeastOnce, alikeTogether, leadHandBack, newBounds);
    }

    boolean allowsFirst(int size) {
        return first.isEmpty() || first.getAsInt() == size;
    }

    boolean allowsLast(int size, int length) {
        return (last.isEmpty() || last.getAsInt() == size) && (!leadHandBack || length % 2 == 0);
    }

    /** Whether a part may reach from one moment to another. */
    boolean allows(int from, int to) {
        return bounds.isEmpty() || bounds.stream().noneMatch(bound -> from < bound && bound < to);
    }
}
