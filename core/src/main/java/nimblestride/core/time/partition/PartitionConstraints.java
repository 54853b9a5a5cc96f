package nimblestride.core.time.partition;

import java.util.OptionalInt;
import java.util.Set;
import nimblestride.core.foundation.failure.InvalidValueException;

/**
 * What the parts that fill a length must satisfy, besides their sizes.
 *
 * @param first size of the first part; empty for any
 * @param last size of the last part; empty for any
 * @param mostParts most parts, one or more
 * @param eachAtLeastOnce whether every size must occur
 * @param alikeTogether whether parts of one size must stand together
 * @param leadHandBack whether the lead hand must start the next round: with a stroke on every unit, hand to hand, the
 *     length is then even
 * @param bounds moments, from the start, at which one part must end and another start
 */
public record PartitionConstraints(
        OptionalInt first,
        OptionalInt last,
        int mostParts,
        boolean eachAtLeastOnce,
        boolean alikeTogether,
        boolean leadHandBack,
        Set<Integer> bounds) {
    /** No constraint. */
    public static final PartitionConstraints NONE = new PartitionConstraints(
            OptionalInt.empty(), OptionalInt.empty(), Integer.MAX_VALUE, false, false, false, Set.of());

    /** @throws InvalidValueException if a number is out of range */
    public PartitionConstraints {
        if (mostParts < 1) {
            throw new InvalidValueException("fill a length with 1 or more parts, not " + mostParts);
        }
        bounds = Set.copyOf(bounds);
    }

    /** Returns the constraints with a size for the first part. */
    public PartitionConstraints startingWith(int size) {
        return new PartitionConstraints(
                OptionalInt.of(size), last, mostParts, eachAtLeastOnce, alikeTogether, leadHandBack, bounds);
    }

    /** Returns the constraints with a size for the last part. */
    public PartitionConstraints endingWith(int size) {
        return new PartitionConstraints(
                first, OptionalInt.of(size), mostParts, eachAtLeastOnce, alikeTogether, leadHandBack, bounds);
    }

    /** Returns the constraints with a limit on the number of parts. */
    public PartitionConstraints atMost(int parts) {
        return new PartitionConstraints(first, last, parts, eachAtLeastOnce, alikeTogether, leadHandBack, bounds);
    }

    /** Returns the constraints with every size occurring. */
    public PartitionConstraints eachOnce() {
        return new PartitionConstraints(first, last, mostParts, true, alikeTogether, leadHandBack, bounds);
    }

    /** Returns the constraints with parts of one size together. */
    public PartitionConstraints together() {
        return new PartitionConstraints(first, last, mostParts, eachAtLeastOnce, true, leadHandBack, bounds);
    }

    /** Returns the constraints with the lead hand back at the start. */
    public PartitionConstraints handBack() {
        return new PartitionConstraints(first, last, mostParts, eachAtLeastOnce, alikeTogether, true, bounds);
    }

    /** Returns the constraints with other bounds. */
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

    /** Returns whether a part may reach from one moment to another. */
    boolean allows(int from, int to) {
        return bounds.isEmpty() || bounds.stream().noneMatch(bound -> from < bound && bound < to);
    }
}
