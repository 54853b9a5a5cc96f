package nimblestride.core.time.partition;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeSet;
import java.util.stream.Stream;
import nimblestride.core.foundation.failure.InvalidValueException;

/**
 * Lists of parts that add up to a length exactly.
 *
 * @param length to fill, from 1 to {@value #MAX_LENGTH}
 * @param sizes that a part may have, each one or more, at most {@value #MAX_SIZES}
 * @param demands constraints besides the sizes
 */
public record Partitions(int length, List<Integer> sizes, PartitionConstraints demands) {
    /** The longest length. */
    public static final int MAX_LENGTH = 20_000;
    /** The most sizes. */
    public static final int MAX_SIZES = 60;
    /** How many steps from place to place take two or three seconds. */
    static final long MAX_STEPS = 12_000_000;

    private static final int MAX_COUNTED_PLACES = 400_000;

    /** @throws InvalidValueException if a number is out of range */
    public Partitions {
        if (length < 1 || length > MAX_LENGTH) {
            throw new InvalidValueException(
                    String.format(Locale.ROOT, "fill a length of 1 to %,d units, not %,d", MAX_LENGTH, length));
        }
        sizes = List.copyOf(new TreeSet<>(sizes).descendingSet());
        if (sizes.isEmpty() || sizes.size() > MAX_SIZES || sizes.get(sizes.size() - 1) < 1) {
            throw new InvalidValueException("use 1 to " + MAX_SIZES + " different sizes, each 1 or more");
        }
    }

    /**
     * Returns the lists of some sizes, without constraints.
     *
     * @throws InvalidValueException if a number is out of range
     */
    public static Partitions of(int length, Collection<Integer> sizes) {
        return new Partitions(length, List.copyOf(sizes), PartitionConstraints.NONE);
    }

    /** Returns the same question for another length. */
    public Partitions ofLength(int other) {
        return new Partitions(other, sizes, demands);
    }

    /** Returns the same question with other constraints. */
    public Partitions with(PartitionConstraints newDemands) {
        return new Partitions(length, sizes, newDemands);
    }

    /** Throws as soon as it is known that a search takes longer than anybody waits. */
    static void requireFew(long steps, long most) {
        if (steps > most) {
            throw new InvalidValueException(
                    "this is too much to search; try fewer sizes, a shorter length, or fewer conditions");
        }
    }

    /**
     * Throws before the search starts if it is sure to take long: from each place, alone or not, a step leads to each
     * size.
     */
    void requireSearchable() {
        long places = 2L * sizes.size() * Math.max(0, length - sizes.get(0));
        requireFew(places * sizes.size(), MAX_STEPS);
    }

    /**
     * Counts the lists, exactly, unit by unit, without building any.
     *
     * @throws InvalidValueException if that is too much to search
     */
    public BigInteger count() {
        List<Map<Place, BigInteger>> waysTo = new ArrayList<>();
        for (int filled = 0; filled <= length; filled++) {
            waysTo.add(null);
        }
        waysTo.set(0, Map.of(Place.START, BigInteger.ONE));
        BigInteger count = BigInteger.ZERO;
        int places = 0;
        for (int filled = 0; filled <= length; filled++) {
            Map<Place, BigInteger> here = waysTo.set(filled, null);
            if (here == null) {
                continue;
            }
            for (Map.Entry<Place, BigInteger> way : here.entrySet()) {
                if (filled == length) {
                    count = count.add(way.getValue());
                    continue;
                }
                for (int size : sizes) {
                    Place next = step(way.getKey(), size);
                    if (next != null) {
                        Map<Place, BigInteger> there = waysTo.get(next.filled());
                        if (there == null) {
                            there = new HashMap<>();
                            waysTo.set(next.filled(), there);
                        }
                        int before = there.size();
                        there.merge(next.forCounting(this), way.getValue(), BigInteger::add);
                        places += there.size() - before;
                        requireFew(places, MAX_COUNTED_PLACES);
                    }
                }
            }
        }
        return count;
    }

    /**
     * Returns the lists, cheapest first; each is built when it is asked for.
     *
     * @throws InvalidValueException if that is too much to search
     */
    public Stream<List<Integer>> bestFirst(PartitionCost cost) {
        return new BestFirstSearch(this, cost).stream();
    }

    /** Returns where one more part leads, or null where it may not stand. */
    Place step(Place from, int size) {
        int filled = from.filled() + size;
        boolean isFirst = from.filled() == 0;
        if (filled > length
                || (isFirst && !demands.allowsFirst(size))
                || (filled == length && !demands.allowsLast(size, length))
                || from.parts() >= demands.mostParts()
                || !demands.allows(from.filled(), filled)) {
            return null;
        }
        boolean same = !isFirst && size == from.last();
        long bit = 1L << sizes.indexOf(size);
        if (demands.alikeTogether() && !same && (from.used() & bit) != 0) {
            return null;
        }
        long used = demands.eachAtLeastOnce() || demands.alikeTogether() ? from.used() | bit : 0;
        if (demands.eachAtLeastOnce() && filled == length && Long.bitCount(used) < sizes.size()) {
            return null;
        }
        int parts = (long) demands.mostParts() * sizes.get(sizes.size() - 1) >= length ? 0 : from.parts() + 1;
        return new Place(filled, size, !same, parts, used);
    }

    /**
     * All that matters of the parts so far.
     *
     * @param filled units
     * @param last size of the last part
     * @param alone whether the last part differs from the one before it
     * @param parts how many, where that is limited
     * @param used which sizes have occurred, where that matters
     */
    record Place(int filled, int last, boolean alone, int parts, long used) {
        static final Place START = new Place(0, 0, false, 0, 0);

        // By hand: a search asks for every step, and what Java builds for a record is slow to start (decision 39).
        @Override
        public boolean equals(Object other) {
            return other instanceof Place place
                    && filled == place.filled
                    && last == place.last
                    && alone == place.alone
                    && parts == place.parts
                    && used == place.used;
        }

        @Override
        public int hashCode() {
            return 31 * (31 * filled + last) + parts + Long.hashCode(used);
        }

        /** Returns the place without what matters only to the cost. */
        Place forCounting(Partitions filling) {
            return new Place(filled, filling.demands.alikeTogether() ? last : 0, false, parts, used);
        }
    }
}
