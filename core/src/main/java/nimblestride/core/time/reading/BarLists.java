package nimblestride.core.time.reading;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.PriorityQueue;
import java.util.Set;

/**
 * Lists of known bars that fill a length, easiest first, with the strides of neighbors chosen together. It searches
 * best first (A*): from the end it works out exactly what the rest of a list costs at least.
 */
final class BarLists implements Iterator<BarLists.Found> {
    /** Long meters have more lists of the same strides than anybody reads. */
    private static final int MAX_OPENED = 60_000;

    private static final int NEVER = Integer.MAX_VALUE;

    private final List<BarToken> tokens;
    private final int units;
    private final ReadingFilter filter;
    private final int longest;
    /** The effort of a bar after another, by both. */
    private final int[][] after;
    /** The least effort of the rest, by the place reached and the bar before it. */
    private final int[][] rest;

    private final PriorityQueue<Way> open = new PriorityQueue<>();
    /** Strides so far with the bar they end with: of several ways there, only the easiest goes on. */
    private final Set<Long> closed = new HashSet<>();
    /** Numbers the lists of strides so far, by the number of the list before and one more stride. */
    private final Map<Long, Integer> strides = new HashMap<>();

    private int opened;
    private Found next;

    /** A list of at least two bars, with its effort. */
    record Found(List<BarToken> bars, long effort) {}

    /**
     * A list of bars from the start, and the number of its strides once it is opened. Among ways of the same effort, the
     * one with fewer bars comes first.
     */
    private static final class Way implements Comparable<Way> {
        private final Way before;
        private final int token;
        private final int filled;
        private final int bars;
        private final int groups;
        private final int soFar;
        private final int total;
        private int strides;

        Way(Way before, int token, int groups, int filled, int soFar, int total) {
            this.before = before;
            this.token = token;
            this.filled = filled;
            this.groups = groups;
            this.bars = before == null ? 1 : before.bars + 1;
            this.soFar = soFar;
            this.total = total;
        }

        @Override
        public int compareTo(Way other) {
            return total != other.total ? Integer.compare(total, other.total) : Integer.compare(bars, other.bars);
        }
    }

    BarLists(List<BarToken> all, int units, ReadingFilter filter) {
        this.tokens = all.stream()
                .filter(token -> token.units() < units)
                .filter(token -> filter.sizes().isEmpty() || filter.sizes().containsAll(token.groups()))
                .toList();
        this.units = units;
        this.filter = filter;
        this.longest = tokens.stream()
                .flatMap(token -> token.groups().stream())
                .mapToInt(Integer::intValue)
                .max()
                .orElse(1);
        this.after = priceNeighbors();
        this.rest = new int[units + 1][];
        priceTheRest();
        for (int token = 0; token < tokens.size(); token++) {
            BarToken first = tokens.get(token);
            boolean allowed = filter.first().isEmpty() || filter.first().getAsInt() == first.first();
            if (!first.isOneUnit() && allowed) {
                push(null, token, first.units(), (int) first.effortFirst());
            }
        }
    }

    private int[][] priceNeighbors() {
        int[][] prices = new int[tokens.size()][tokens.size()];
        for (int before = 0; before < tokens.size(); before++) {
            for (int next = 0; next < tokens.size(); next++) {
                prices[before][next] = (int) tokens.get(next).effortAfter(tokens.get(before));
            }
        }
        return prices;
    }

    private void priceTheRest() {
        for (int filled = units; filled > 0; filled--) {
            int[] here = new int[tokens.size()];
            for (int before = 0; before < tokens.size(); before++) {
                here[before] = filled < units ? leastAfter(before, filled) : endsWell(tokens.get(before)) ? 0 : NEVER;
            }
            rest[filled] = here;
        }
    }

    private boolean endsWell(BarToken last) {
        return filter.last().isEmpty() || filter.last().getAsInt() == last.last();
    }

    private int leastAfter(int before, int filled) {
        BarToken last = tokens.get(before);
        if (last.units() > filled || last.isOneUnit()) {
            return NEVER;
        }
        int least = NEVER;
        for (int next = 0; next < tokens.size(); next++) {
            int to = filled + tokens.get(next).units();
            if (to <= units && rest[to][next] != NEVER) {
                least = Math.min(least, after[before][next] + rest[to][next]);
            }
        }
        return least;
    }

    private void push(Way before, int token, int filled, int soFar) {
        int left = rest[filled][token];
        int groups = (before == null ? 0 : before.groups)
                + tokens.get(token).groups().size();
        int groupsAtLeast = groups + (units - filled + longest - 1) / longest;
        if (left != NEVER && groupsAtLeast <= filter.mostGroups()) {
            open.add(new Way(before, token, groups, filled, soFar, soFar + left));
        }
    }

    private int number(int before, List<Integer> groups) {
        int number = before;
        for (int size : groups) {
            long key = ((long) number << Integer.SIZE) | size;
            number = strides.merge(key, strides.size() + 1, (known, next) -> known);
        }
        return number;
    }

    @Override
    public boolean hasNext() {
        if (next == null) {
            next = search();
        }
        return next != null;
    }

    @Override
    public Found next() {
        if (!hasNext()) {
            throw new NoSuchElementException("no more lists of bars");
        }
        Found found = next;
        next = null;
        return found;
    }

    /** Returns the next list, or null where there is none. */
    private Found search() {
        while (!open.isEmpty() && opened < MAX_OPENED) {
            Way way = open.remove();
            way.strides = number(
                    way.before == null ? 0 : way.before.strides,
                    tokens.get(way.token).groups());
            if (!closed.add((long) way.strides * tokens.size() + way.token)) {
                continue;
            }
            if (way.filled == units) {
                return new Found(bars(way), way.soFar);
            }
            opened++;
            for (int token = 0; token < tokens.size(); token++) {
                int to = way.filled + tokens.get(token).units();
                if (to <= units) {
                    push(way, token, to, way.soFar + after[way.token][token]);
                }
            }
        }
        return null;
    }

    private List<BarToken> bars(Way end) {
        List<BarToken> bars = new ArrayList<>();
        for (Way way = end; way != null; way = way.before) {
            bars.add(tokens.get(way.token));
        }
        Collections.reverse(bars);
        return List.copyOf(bars);
    }
}
