package nimblestride.core.time.partition;

import java.util.function.IntToLongFunction;

/**
 * What makes one list worse than another; the smaller the sum, the better.
 *
 * @param ofPart for a part of each size, zero or more
 * @param ofChange for each part followed by one of another size, zero or more
 * @param ofEarlyLoner for each single part among others that is not the last, zero or more: repeats come first and the
 *     odd one last
 */
public record PartitionCost(IntToLongFunction ofPart, long ofChange, long ofEarlyLoner) {
    /** Returns a cost with fewer changes first; then fewer parts; then repeats first and the odd one last. */
    public static PartitionCost changesThenParts(int length) {
        long parts = length + 2L;
        return new PartitionCost(size -> parts, parts * parts, 1);
    }
}
