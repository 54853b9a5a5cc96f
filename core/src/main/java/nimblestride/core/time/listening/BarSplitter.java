package nimblestride.core.time.listening;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import nimblestride.core.foundation.exact.ExactMath;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Grouping;
import nimblestride.core.time.meter.Meter;
import nimblestride.core.time.value.NoteValue;

/**
 * Splits a long cycle into bars. Parts that come again, even with their lengths in another order, are bars of one
 * kind: {@code 3+2+2+2+2+3} is two bars of seven, not one of fourteen.
 */
public final class BarSplitter {
    /** The shortest cycle that is split, in units. */
    private static final int LONG = 12;

    private static final int MIN_PART = 4;
    private static final int MAX_PART_LENGTH = 16;
    private static final int MAX_SEARCHED = 64;

    /** What a bar costs that is another of the same kind; the next constant is for one of its own kind. */
    private static final int SAME_KIND = 2;

    private static final int ODD_ONE = 3;

    private BarSplitter() {}

    /**
     * Returns the bars, each grouped by the lengths within it.
     *
     * @param unit one over a whole number
     */
    public static List<Bar> bars(List<Integer> cell, NoteValue unit) {
        return split(cell).stream()
                .map(part -> new Bar(Meter.of(sum(part), ExactMath.toInt(unit.denominator())), new Grouping(part)))
                .toList();
    }

    static List<List<Integer>> split(List<Integer> cell) {
        if (sum(cell) < LONG || cell.size() > MAX_SEARCHED) {
            return List.of(cell);
        }
        Set<List<Integer>> kinds = new HashSet<>();
        for (int from = 0; from < cell.size(); from++) {
            for (int to = from + 2; to <= cell.size() && sum(cell.subList(from, to)) <= MAX_PART_LENGTH; to++) {
                kinds.add(kind(cell.subList(from, to)));
            }
        }
        Way best = new Way(List.of(cell), price(sum(cell)) + ODD_ONE);
        for (List<Integer> kind : kinds) {
            Way way = cheapest(cell, kind);
            long ofTheKind =
                    way.parts.stream().filter(part -> kind(part).equals(kind)).count();
            if (ofTheKind > 1 && way.price < best.price) {
                best = way;
            }
        }
        return best.parts;
    }

    private record Way(List<List<Integer>> parts, int price) {}

    /** Returns the cheapest way to split, with bars of a kind and odd ones, from the end to the start. */
    private static Way cheapest(List<Integer> cell, List<Integer> kind) {
        int size = cell.size();
        int[] price = new int[size + 1];
        int[] next = new int[size + 1];
        for (int from = size - 1; from >= 0; from--) {
            price[from] = Integer.MAX_VALUE;
            for (int to = from + 1; to <= size; to++) {
                List<Integer> part = cell.subList(from, to);
                int here = kind(part).equals(kind) ? SAME_KIND : ODD_ONE + price(sum(part));
                if (here + price[to] < price[from]) {
                    price[from] = here + price[to];
                    next[from] = to;
                }
            }
        }
        List<List<Integer>> parts = new ArrayList<>();
        for (int from = 0; from < size; from = next[from]) {
            parts.add(List.copyOf(cell.subList(from, next[from])));
        }
        return new Way(List.copyOf(parts), price[0]);
    }

    /** Returns what counts against a bar of some units: too long to feel at a glance, or too short to be a bar. */
    private static int price(int units) {
        return Math.max(0, units - LONG) + 2 * Math.max(0, MIN_PART - units);
    }

    private static List<Integer> kind(List<Integer> part) {
        List<Integer> sorted = new ArrayList<>(part);
        Collections.sort(sorted);
        return sorted;
    }

    private static int sum(List<Integer> lengths) {
        return lengths.stream().mapToInt(Integer::intValue).sum();
    }
}
