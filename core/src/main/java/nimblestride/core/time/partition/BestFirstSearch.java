package nimblestride.core.time.partition;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.PriorityQueue;
import java.util.Spliterator;
import java.util.Spliterators;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;
import nimblestride.core.time.partition.Partitions.Place;

/**
 * Searches best first (A*) over the places of a partition. It works out beforehand, from the end, exactly what the
 * rest of each way costs at least, so it only opens places on the lists that are asked for.
 */
final class BestFirstSearch {

    private final Partitions filling;
    private final PartitionCost cost;
    private final Map<Place, Long> restCost = new HashMap<>();

    /** Among ways of the same cost, one with a larger first part comes first, then the one opened last. */
    private record Way(Way before, Place at, int first, long soFar, long total, long number)
            implements Comparable<Way> {
        private static final Comparator<Way> ORDER = Comparator.comparingLong(Way::total)
                .thenComparing(Way::first, Comparator.reverseOrder())
                .thenComparingLong(Way::number);

        @Override
        public int compareTo(Way other) {
            return ORDER.compare(this, other);
        }
    }

    BestFirstSearch(Partitions filling, PartitionCost cost) {
        this.filling = filling;
        this.cost = cost;
        filling.requireSearchable();
        priceTheRest();
    }

    /**
     * Works out, from the last place back to the first, what is left to pay from each place that can be reached and
     * finished.
     */
    private void priceTheRest() {
        List<List<Place>> reached = new ArrayList<>();
        for (int filled = 0; filled <= filling.length(); filled++) {
            reached.add(new ArrayList<>());
        }
        Map<Place, Boolean> seen = new HashMap<>();
        long steps = 0;
        reached.get(0).add(Place.START);
        for (List<Place> here : reached) {
            for (Place place : here) {
                for (int size : filling.sizes()) {
                    Place next = filling.step(place, size);
                    if (next != null && seen.put(next, true) == null) {
                        reached.get(next.filled()).add(next);
                    }
                }
            }
            steps += (long) here.size() * filling.sizes().size();
            Partitions.requireFew(steps, Partitions.MAX_STEPS);
        }
        Collections.reverse(reached);
        for (List<Place> here : reached) {
            for (Place place : here) {
                long least = place.filled() == filling.length() ? 0 : leastFrom(place);
                if (least != Long.MAX_VALUE) {
                    restCost.put(place, least);
                }
            }
        }
    }

    private long leastFrom(Place place) {
        long least = Long.MAX_VALUE;
        for (int size : filling.sizes()) {
            Place next = filling.step(place, size);
            Long rest = next == null ? null : restCost.get(next);
            if (rest != null) {
                least = Math.min(least, stepCost(place, next) + rest);
            }
        }
        return least;
    }

    private long stepCost(Place from, Place to) {
        long price = cost.ofPart().applyAsLong(to.last());
        if (from.filled() > 0 && from.last() != to.last()) {
            price += cost.ofChange() + (from.alone() ? cost.ofEarlyLoner() : 0);
        }
        return price;
    }

    Stream<List<Integer>> stream() {
        Spliterator<List<Integer>> lists =
                Spliterators.spliteratorUnknownSize(new Search(), Spliterator.ORDERED | Spliterator.NONNULL);
        return StreamSupport.stream(lists, false);
    }

    private final class Search implements Iterator<List<Integer>> {
        private final PriorityQueue<Way> open = new PriorityQueue<>();
        private long opened;

        Search() {
            Long least = restCost.get(Place.START);
            if (least != null) {
                open.add(new Way(null, Place.START, 0, 0, least, 0));
            }
        }

        @Override
        public boolean hasNext() {
            return !open.isEmpty();
        }

        @Override
        public List<Integer> next() {
            while (!open.isEmpty()) {
                Way way = open.remove();
                if (way.at.filled() == filling.length()) {
                    return partsOf(way);
                }
                for (int size : filling.sizes()) {
                    Place next = filling.step(way.at, size);
                    Long rest = next == null ? null : restCost.get(next);
                    if (rest != null) {
                        long soFar = way.soFar + stepCost(way.at, next);
                        open.add(new Way(
                                way, next, way.before == null ? size : way.first, soFar, soFar + rest, --opened));
                    }
                }
            }
            throw new NoSuchElementException("nothing else fills this length");
        }

        private static List<Integer> partsOf(Way end) {
            List<Integer> parts = new ArrayList<>();
            for (Way way = end; way.before != null; way = way.before) {
                parts.add(way.at.last());
            }
            Collections.reverse(parts);
            return List.copyOf(parts);
        }
    }
}
