package nimblestride.core.time.reading;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashSet;
import java.util.Iterator;
import java.util.List;
import java.util.Optional;
import java.util.PriorityQueue;
import java.util.Set;
import java.util.Spliterator;
import java.util.Spliterators;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Grouping;
import nimblestride.core.time.meter.Meter;
import nimblestride.core.time.partition.Partitions;
import nimblestride.core.time.value.NoteValue;

/**
 * The readings of one meter, easiest to feel first, each grouping once. Each is built when it is asked for.
 *
 * <p>They come from four sources, merged by their {@link ReadingEffort}: strides of twos and threes (and fours of
 * sixteenths), with rows of equal strides, palindromes and {@link PublishedPatterns}; lists of bars that players know, in mixed
 * denominators; nearly equal cells; and what the signature itself says.
 */
public final class Readings {
    private static final List<Integer> TWOS_AND_THREES = List.of(2, 3);
    private static final List<Integer> TWOS_TO_FOURS = List.of(2, 3, 4);
    private static final int READINGS_WITH_A_NAME = 40;
    private static final int PALINDROMES = 12;
    private static final int MAX_HALF = 256;
    private static final int MAX_PALINDROME = 40;
    private static final int HALVES = 6;

    private final Meter meter;
    private final int units;
    private final ReadingFilter filter;
    private final ReadingEffort effort;
    private final List<BarToken> tokens;
    private final List<Integer> sizes;

    /** A grouping one of the sources proposes. */
    private record Proposed(
            List<Integer> groups, ReadingApproach approach, String why, List<Meter> bars, long effort) {}

    private Readings(Meter meter, ReadingFilter filter) {
        this.meter = meter;
        this.units = meter.units();
        this.filter = filter;
        this.effort = ReadingEffort.in(meter.unit());
        this.tokens = BarToken.in(meter.unit(), units);
        boolean fours = meter.unit().compareTo(NoteValue.EIGHTH) < 0
                && Long.bitCount(meter.unit().denominator()) == 1;
        this.sizes = fours ? TWOS_TO_FOURS : TWOS_AND_THREES;
    }

    /** Returns the readings, easiest first. */
    public static Stream<Reading> of(Meter meter, ReadingFilter filter) {
        return new Readings(meter, filter).all();
    }

    /** Returns a name for a bar's grouping: from the easiest reading with it, or from its groups. */
    public static String nameOf(Bar bar) {
        return of(bar.meter(), ReadingFilter.ANY)
                .limit(READINGS_WITH_A_NAME)
                .filter(reading ->
                        reading.grouping().sizes().equals(bar.grouping().sizes()))
                .map(Reading::why)
                .findFirst()
                .orElseGet(() -> GroupRunWords.of(bar.grouping().sizes()));
    }

    private Stream<Reading> all() {
        Set<List<Integer>> known = new HashSet<>();
        Iterator<Proposed> merged = merged(List.of(
                easiestFirst(asWritten()),
                easiestFirst(cells()),
                lists(),
                easiestFirst(twiceAndFramed()),
                strides(),
                easiestFirst(palindromesAndPublished())));
        return StreamSupport.stream(Spliterators.spliteratorUnknownSize(merged, Spliterator.ORDERED), false)
                .filter(proposed -> filter.allows(proposed.groups))
                .filter(proposed -> known.add(proposed.groups))
                .map(this::reading);
    }

    private Reading reading(Proposed proposed) {
        List<List<Meter>> ways = new ArrayList<>();
        ways.add(proposed.bars);
        List<List<Meter>> found = new ArrayList<>(WaysToWrite.of(tokens, proposed.groups));
        found.add(List.of(meter));
        found.stream().filter(way -> !ways.contains(way)).forEach(ways::add);
        Optional<List<Meter>> familiar = proposed.approach == ReadingApproach.TWOS_THREES
                ? ways.stream().filter(BarListWords::isFamiliarWithMore).findFirst()
                : Optional.empty();
        return new Reading(
                new Grouping(proposed.groups),
                familiar.map(BarListWords::approach).orElse(proposed.approach),
                familiar.map(BarListWords::of).orElse(proposed.why),
                ways,
                Math.max(0, proposed.effort));
    }

    private static Iterator<Proposed> easiestFirst(List<Proposed> proposed) {
        return proposed.stream()
                .sorted(Comparator.comparingLong(Proposed::effort))
                .iterator();
    }

    private static Iterator<Proposed> merged(List<Iterator<Proposed>> sources) {
        record Next(Proposed proposed, int source, Iterator<Proposed> rest) {}
        PriorityQueue<Next> next = new PriorityQueue<>(
                Comparator.comparingLong((Next one) -> one.proposed.effort()).thenComparingInt(one -> one.source));
        for (int source = 0; source < sources.size(); source++) {
            Iterator<Proposed> rest = sources.get(source);
            if (rest.hasNext()) {
                next.add(new Next(rest.next(), source, rest));
            }
        }
        return new Iterator<>() {
            @Override
            public boolean hasNext() {
                return !next.isEmpty();
            }

            @Override
            public Proposed next() {
                Next best = next.remove();
                if (best.rest.hasNext()) {
                    next.add(new Next(best.rest.next(), best.source, best.rest));
                }
                return best.proposed;
            }
        };
    }

    /** An additive signature and a sum say how they are read; up to four quarters are counted plainly. */
    private List<Proposed> asWritten() {
        boolean plain = meter.unit().compareTo(NoteValue.QUARTER) >= 0 && units <= 4;
        boolean says =
                meter.terms().size() > 1 || meter.terms().get(0).numerators().size() > 1;
        if (!plain && !says) {
            return List.of();
        }
        List<Integer> groups = meter.defaultGrouping().sizes();
        List<Meter> bars = says && meter.terms().size() > 1
                ? meter.terms().stream().map(term -> new Meter(List.of(term))).toList()
                : List.of(meter);
        String why = says ? "as the signature says" : "beat by beat";
        return List.of(new Proposed(groups, ReadingApproach.PAIRED_BARS, why, bars, Long.MIN_VALUE));
    }

    private Iterator<Proposed> strides() {
        if (units == 1) {
            return Collections.emptyIterator();
        }
        // Not flatMap, which builds all of an inner stream when one element is asked for.
        return filter.applyTo(units, sizes)
                .map(filling -> filling.bestFirst(effort.cost()))
                .orElseGet(Stream::empty)
                .map(groups -> strides(groups, 0))
                .iterator();
    }

    private Proposed strides(List<Integer> groups, long bonus) {
        return new Proposed(
                groups,
                ReadingApproach.TWOS_THREES,
                GroupRunWords.of(groups),
                List.of(meter),
                effort.inOrder(groups) + bonus);
    }

    private List<Proposed> palindromesAndPublished() {
        List<Proposed> found = new ArrayList<>();
        for (List<Integer> groups : PublishedPatterns.of(units)) {
            long published = ReadingEffort.PUBLISHED + ReadingEffort.PUBLISHED_STRIDE * groups.size();
            found.add(strides(groups, published - effort.inOrder(groups)));
        }
        for (int size : sizes) {
            int odd = units % size;
            if (odd > 0 && units > size && (odd > 1 || size > 3)) {
                found.add(oddLast(size, odd));
            } else if (size == 2 && odd == 1 && units > 3) {
                found.add(oddLast(2, 3));
            }
        }
        for (int middle : sizes) {
            int half = (units - middle) / 2;
            if (units > middle && (units - middle) % 2 == 0 && half > 1 && units <= MAX_PALINDROME) {
                Partitions.of(half, sizes)
                        .bestFirst(effort.cost())
                        .limit(PALINDROMES)
                        .forEach(side -> {
                            List<Integer> groups = new ArrayList<>(side);
                            groups.add(middle);
                            List<Integer> back = new ArrayList<>(side);
                            Collections.reverse(back);
                            groups.addAll(back);
                            if (ReadingEffort.isPalindrome(groups)) {
                                found.add(strides(List.copyOf(groups), ReadingEffort.PALINDROME));
                            }
                        });
            }
        }
        return found;
    }

    private Proposed oddLast(int size, int odd) {
        List<Integer> groups = new ArrayList<>(Collections.nCopies((units - odd) / size, size));
        groups.add(odd);
        long easy = ReadingEffort.ODD_LAST + ReadingEffort.ODD_LAST_STRIDE * groups.size();
        return strides(List.copyOf(groups), easy - effort.inOrder(groups));
    }

    private Iterator<Proposed> lists() {
        if (tokens.isEmpty() || units == 1) {
            return Collections.emptyIterator();
        }
        BarLists lists = new BarLists(tokens, units, filter);
        return new Iterator<>() {
            @Override
            public boolean hasNext() {
                return lists.hasNext();
            }

            @Override
            public Proposed next() {
                BarLists.Found found = lists.next();
                return list(found.bars(), found.effort());
            }
        };
    }

    /** The easiest halves, each played twice (AA, and ABAB), and one bar between two of another (ABA). */
    private List<Proposed> twiceAndFramed() {
        List<Proposed> found = new ArrayList<>();
        for (BarToken frame : tokens) {
            for (BarToken inner : tokens) {
                if (2 * frame.units() + inner.units() == units && !frame.isOneUnit() && !inner.isOneUnit()) {
                    long together = frame.effortFirst() + inner.effortAfter(frame) + frame.effortAfter(inner);
                    found.add(list(List.of(frame, inner, frame), together + ReadingEffort.FRAMED));
                }
            }
        }
        if (units % 2 != 0 || units / 2 > MAX_HALF || units < 8) {
            return found;
        }
        BarLists halves = new BarLists(tokens, units / 2, ReadingFilter.ANY);
        for (int i = 0; i < HALVES && halves.hasNext(); i++) {
            BarLists.Found half = halves.next();
            List<BarToken> twice = new ArrayList<>(half.bars());
            twice.addAll(half.bars());
            found.add(list(twice, 2 * half.effort() + ReadingEffort.SAME_BAR));
        }
        return found;
    }

    private static Proposed list(List<BarToken> tokens, long effort) {
        List<Meter> bars = tokens.stream().map(token -> token.bar().meter()).toList();
        List<Integer> groups =
                tokens.stream().flatMap(token -> token.groups().stream()).toList();
        return new Proposed(groups, BarListWords.approach(bars), BarListWords.of(bars), bars, effort);
    }

    private List<Proposed> cells() {
        List<Proposed> found = new ArrayList<>();
        for (List<Integer> groups : Cells.of(units)) {
            Optional<Integer> denominator = denominator();
            List<Meter> bars = denominator.isEmpty()
                    ? List.of(meter)
                    : groups.stream()
                            .map(size -> Meter.of(size, denominator.get()))
                            .toList();
            found.add(new Proposed(
                    groups, ReadingApproach.CELLS, GroupRunWords.of(groups), bars, ReadingEffort.ofCells(groups)));
        }
        return found;
    }

    private Optional<Integer> denominator() {
        long denominator = meter.unit().denominator();
        return meter.unit().numerator() == 1 && denominator <= Meter.MAX_DENOMINATOR
                ? Optional.of((int) denominator)
                : Optional.empty();
    }
}
