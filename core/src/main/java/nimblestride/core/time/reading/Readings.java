package nimblestride.core.time.reading;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.PriorityQueue;
import java.util.Set;
import java.util.Spliterator;
import java.util.Spliterators;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;
import nimblestride.core.foundation.exact.ExactMath;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Grouping;
import nimblestride.core.time.meter.Meter;
import nimblestride.core.time.partition.Partitions;

/** The readings of one meter, easiest to feel first. Each is built when it is asked for. */
public final class Readings {
    private static final List<Integer> TWOS_AND_THREES = List.of(2, 3);
    private static final List<Integer> CELLS = List.of(4, 5, 7);
    private static final int READINGS_WITH_A_NAME = 40;
    private static final int PAIRS = 6;
    private static final int CELL_LISTS = 24;
    private static final int MIN_IN_A_BAR = 2;

    private final Meter meter;
    private final int units;
    private final int denominator;
    private final ReadingFilter wish;

    private Readings(Meter meter, ReadingFilter wish) {
        this.meter = meter;
        this.units = meter.units();
        this.denominator = ExactMath.toInt(meter.unit().denominator());
        this.wish = wish;
    }

    /** Returns the readings of all approaches, easiest first. */
    public static Stream<Reading> of(Meter meter, ReadingFilter wish) {
        Map<ReadingApproach, Iterator<Reading>> approaches = new EnumMap<>(ReadingApproach.class);
        for (ReadingApproach approach : ReadingApproach.values()) {
            approaches.put(approach, of(meter, approach, wish).iterator());
        }
        return merged(approaches);
    }

    /** Returns the readings of one approach, easiest first. */
    public static Stream<Reading> of(Meter meter, ReadingApproach approach, ReadingFilter wish) {
        Readings readings = new Readings(meter, wish);
        return switch (approach) {
            case TWOS_THREES -> readings.twosAndThrees();
            case PAIRED_BARS -> readings.easiestFirst(readings.pairs());
            case FAMILIAR -> readings.easiestOfEachGrouping(new FamiliarBars(meter).readings());
            case CELLS -> readings.easiestOfEachGrouping(readings.cells());
        };
    }

    /** Returns a name for a bar's grouping: from the easiest reading with it, or from its groups. */
    public static String nameOf(Bar bar) {
        return of(bar.meter(), ReadingFilter.ANY)
                .limit(READINGS_WITH_A_NAME)
                .filter(reading -> reading.grouping().equals(bar.grouping()))
                .map(Reading::why)
                .findFirst()
                .orElseGet(() -> GroupRunWords.of(bar.grouping().sizes()));
    }

    private static Stream<Reading> merged(Map<ReadingApproach, Iterator<Reading>> approaches) {
        record Next(Reading reading, Iterator<Reading> rest) {}
        PriorityQueue<Next> next = new PriorityQueue<>(Comparator.comparingLong((Next one) -> one.reading.effort())
                .thenComparing(one -> one.reading.approach()));
        approaches.values().forEach(readings -> {
            if (readings.hasNext()) {
                next.add(new Next(readings.next(), readings));
            }
        });
        Iterator<Reading> merged = new Iterator<>() {
            @Override
            public boolean hasNext() {
                return !next.isEmpty();
            }

            @Override
            public Reading next() {
                Next best = next.remove();
                if (best.rest.hasNext()) {
                    next.add(new Next(best.rest.next(), best.rest));
                }
                return best.reading;
            }
        };
        return StreamSupport.stream(Spliterators.spliteratorUnknownSize(merged, Spliterator.ORDERED), false);
    }

    private Stream<Reading> easiestFirst(List<Reading> readings) {
        return readings.stream()
                .filter(reading -> wish.allows(reading.grouping().sizes()))
                .sorted(Comparator.comparingLong(Reading::effort));
    }

    private Stream<Reading> easiestOfEachGrouping(List<Reading> readings) {
        Set<Grouping> known = new HashSet<>();
        return easiestFirst(readings).filter(reading -> known.add(reading.grouping()));
    }

    private Stream<Reading> twosAndThrees() {
        if (units == 1) {
            return Stream.empty();
        }
        // Not flatMap, which builds all of an inner stream when one element is asked for.
        return wish.applyTo(units, TWOS_AND_THREES)
                .map(filling -> filling.bestFirst(GroupingEffort.COST))
                .orElseGet(Stream::empty)
                .map(groups -> new Reading(
                        new Grouping(groups),
                        ReadingApproach.TWOS_THREES,
                        GroupRunWords.of(groups),
                        List.of(meter),
                        GroupingEffort.of(groups)));
    }

    /** An odd number is an even and an odd one; those of about the same size are felt as a pair. */
    private List<Reading> pairs() {
        List<Reading> pairs = new ArrayList<>();
        if (units % 2 == 0) {
            return pairs;
        }
        for (int apart = 1; apart < 2 * PAIRS; apart += 2) {
            int shorter = (units - apart) / 2;
            if (shorter < MIN_IN_A_BAR) {
                break;
            }
            pairs.add(pair(units - shorter, shorter, apart));
            pairs.add(pair(shorter, units - shorter, apart));
        }
        return pairs;
    }

    private Reading pair(int first, int second, int apart) {
        List<Integer> groups = new ArrayList<>(easiest(first));
        groups.addAll(easiest(second));
        Meter one = Meter.of(first, denominator);
        Meter other = Meter.of(second, denominator);
        String order = first % 2 == 0 ? "even, then odd" : "odd, then even";
        String why = one + " and " + other + ": " + order;
        return new Reading(
                new Grouping(groups),
                ReadingApproach.PAIRED_BARS,
                why,
                List.of(one, other),
                GroupingEffort.of(groups) + apart);
    }

    static List<Integer> easiest(int length) {
        return Partitions.of(length, TWOS_AND_THREES)
                .bestFirst(GroupingEffort.COST)
                .findFirst()
                .orElse(List.of(length));
    }

    private List<Reading> cells() {
        List<Reading> readings = new ArrayList<>();
        for (int cell : CELLS) {
            int times = units / cell;
            int rest = units % cell;
            if (times > 0 && rest > 1) {
                List<Integer> groups = new ArrayList<>(
                        IntStream.range(0, times).mapToObj(i -> cell).toList());
                groups.add(rest);
                readings.add(cells(groups, GroupRunWords.of(groups) + " left over"));
            }
        }
        wish.applyTo(units, CELLS).ifPresent(exactly -> exactly.bestFirst(GroupingEffort.COST)
                .filter(groups -> groups.size() > 1)
                .limit(CELL_LISTS)
                .forEach(groups -> readings.add(cells(groups, GroupRunWords.of(groups)))));
        return readings;
    }

    private Reading cells(List<Integer> groups, String why) {
        List<Meter> bars =
                groups.stream().map(size -> Meter.of(size, denominator)).toList();
        return new Reading(new Grouping(groups), ReadingApproach.CELLS, why, bars, GroupingEffort.of(groups));
    }
}
