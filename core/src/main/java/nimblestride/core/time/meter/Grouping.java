package nimblestride.core.time.meter;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import nimblestride.core.foundation.failure.InvalidValueException;

/**
 * The strides of a bar, in whole numbers of its unit, and the inner bars they form: {@code 4+4+4+4|4+4+5} is a bar of 16
 * and one of 13 within a bar of 29.
 *
 * @param sizes of all strides, each one or more
 * @param groupsPerInnerBar how many strides each inner bar holds; one number where there is only one level
 */
public record Grouping(List<Integer> sizes, List<Integer> groupsPerInnerBar) {
    /** @throws InvalidValueException if there is no group, one is less than one unit, or the inner bars do not add up */
    public Grouping {
        sizes = List.copyOf(sizes);
        groupsPerInnerBar = List.copyOf(groupsPerInnerBar);
        if (sizes.isEmpty() || sizes.stream().anyMatch(size -> size < 1)) {
            throw new InvalidValueException("every group needs at least 1 unit, as in 3+3+2");
        }
        if (groupsPerInnerBar.stream().anyMatch(count -> count < 1)) {
            throw new InvalidValueException("every inner bar needs at least 1 group, as in 3+2|3+3+2");
        }
        long inside = groupsPerInnerBar.stream().mapToLong(Integer::longValue).sum();
        if (inside != sizes.size()) {
            throw new InvalidValueException("the inner bars hold " + inside + " groups, and there are " + sizes.size());
        }
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Grouping grouping
                && sizes.equals(grouping.sizes)
                && groupsPerInnerBar.equals(grouping.groupsPerInnerBar);
    }

    @Override
    public int hashCode() {
        return 31 * sizes.hashCode() + groupsPerInnerBar.hashCode();
    }

    /**
     * Creates a grouping of one level.
     *
     * @param sizes each one or more
     * @throws InvalidValueException if there is none, or one is less than one
     */
    public Grouping(List<Integer> sizes) {
        this(sizes, List.of(sizes.size()));
    }

    /**
     * Returns a grouping.
     *
     * @param sizes each one or more
     * @throws InvalidValueException if there is none, or one is less than one
     */
    public static Grouping of(Integer... sizes) {
        return new Grouping(List.of(sizes));
    }

    /**
     * Returns a grouping of two levels.
     *
     * @param innerBars the groups of each, at least one
     * @throws InvalidValueException if there is none, or a group is less than one
     */
    public static Grouping ofInnerBars(List<List<Integer>> innerBars) {
        return new Grouping(
                innerBars.stream().flatMap(List::stream).toList(),
                innerBars.stream().map(List::size).toList());
    }

    /** Returns whether it has two levels. */
    public boolean hasInnerBars() {
        return groupsPerInnerBar.size() > 1;
    }

    /** Returns the groups of each inner bar; all of them where there is only one level. */
    public List<Grouping> innerBars() {
        List<Grouping> bars = new ArrayList<>();
        int from = 0;
        for (int count : groupsPerInnerBar) {
            bars.add(new Grouping(sizes.subList(from, from + count)));
            from += count;
        }
        return bars;
    }

    /** Returns the grouping in a unit that fits some times into this one. */
    public Grouping times(int factor) {
        return new Grouping(sizes.stream().map(size -> size * factor).toList(), groupsPerInnerBar);
    }

    /**
     * Returns the grouping with other groups in place of one.
     *
     * @param group its number, from 0
     * @param others none leaves the group out, and its inner bar if it was the last one there
     * @throws InvalidValueException if no group is left
     */
    public Grouping replacing(int group, List<Integer> others) {
        List<List<Integer>> bars = new ArrayList<>();
        int from = 0;
        for (Grouping bar : innerBars()) {
            List<Integer> groups = new ArrayList<>(bar.sizes);
            int within = group - from;
            if (within >= 0 && within < groups.size()) {
                groups.remove(within);
                groups.addAll(within, others);
            }
            if (!groups.isEmpty()) {
                bars.add(groups);
            }
            from += bar.sizes.size();
        }
        return ofInnerBars(bars);
    }

    /** Returns the units of all groups together. */
    public long units() {
        return sizes.stream().mapToLong(Integer::longValue).sum();
    }

    /** Returns the sizes joined by plus signs, with a line between inner bars: {@code 3+3+2}, {@code 3+2|3+3+2}. */
    @Override
    public String toString() {
        return innerBars().stream()
                .map(bar -> bar.sizes.stream().map(String::valueOf).collect(Collectors.joining("+")))
                .collect(Collectors.joining("|"));
    }
}
