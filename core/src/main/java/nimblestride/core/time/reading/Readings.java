package nimblestride.core.time.reading;

import java.util.ArrayList;
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
import nimblestride.core.time.value.NoteValue;

/**
 * The readings of one meter, easiest to feel first, each grouping once. Each is built when it is asked for.
 *
 * <p>They come from four sources, merged by their {@link ReadingEffort}: strides of twos and threes (and fours of
 * sixteenths), with rows of equal strides, palindromes and {@link PublishedPatterns}; lists of bars that players know, in mixed
 * denominators; nearly equal cells; and what the signature itself says.
 */
public final class Readings {
    private static final int READINGS_WITH_A_NAME = 40;

    private final Meter meter;
    private final ReadingFilter filter;
    private final List<BarToken> tokens;

    private Readings(Meter meter, ReadingFilter filter) {
        this.meter = meter;
        this.filter = filter;
        this.tokens = BarToken.in(meter.unit(), meter.units());
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
        StrideSource strides = new StrideSource(meter);
        BarListSource lists = new BarListSource(tokens, meter.units());
        // Among equals, cells come before lists, and lists before strides.
        Iterator<ProposedReading> merged = merged(List.of(
                asWritten().iterator(),
                ProposedReading.easiestFirst(cells()),
                lists.all(filter),
                lists.easierOnes(),
                strides.all(filter),
                strides.easierOnes()));
        return StreamSupport.stream(Spliterators.spliteratorUnknownSize(merged, Spliterator.ORDERED), false)
                .filter(proposed -> filter.allows(proposed.groups()))
                .filter(proposed -> known.add(proposed.groups()))
                .map(this::reading);
    }

    private Reading reading(ProposedReading proposed) {
        List<List<Meter>> ways = new ArrayList<>();
        ways.add(proposed.bars());
        List<List<Meter>> found = new ArrayList<>(WaysToWrite.of(tokens, proposed.groups()));
        found.add(List.of(meter));
        found.stream().filter(way -> !ways.contains(way)).forEach(ways::add);
        Optional<List<Meter>> familiar = proposed.approach() == ReadingApproach.TWOS_THREES
                ? ways.stream().filter(BarListWords::isFamiliarWithMore).findFirst()
                : Optional.empty();
        return new Reading(
                proposed.groups().equals(meter.defaultGrouping().sizes())
                        ? meter.defaultGrouping()
                        : new Grouping(proposed.groups()),
                familiar.map(BarListWords::approach).orElse(proposed.approach()),
                familiar.map(BarListWords::of).orElse(proposed.why()),
                ways,
                Math.max(0, proposed.effort()));
    }

    private static Iterator<ProposedReading> merged(List<Iterator<ProposedReading>> sources) {
        record Next(ProposedReading proposed, int source, Iterator<ProposedReading> rest) {}
        PriorityQueue<Next> next = new PriorityQueue<>(
                Comparator.comparingLong((Next one) -> one.proposed.effort()).thenComparingInt(one -> one.source));
        for (int source = 0; source < sources.size(); source++) {
            Iterator<ProposedReading> rest = sources.get(source);
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
            public ProposedReading next() {
                Next best = next.remove();
                if (best.rest.hasNext()) {
                    next.add(new Next(best.rest.next(), best.source, best.rest));
                }
                return best.proposed;
            }
        };
    }

    /** An additive signature and a sum say how they are read; up to four quarters are counted plainly. */
    private List<ProposedReading> asWritten() {
        boolean plain = meter.unit().compareTo(NoteValue.QUARTER) >= 0 && meter.units() <= 4;
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
        return List.of(new ProposedReading(groups, ReadingApproach.PAIRED_BARS, why, bars, Long.MIN_VALUE));
    }

    private List<ProposedReading> cells() {
        List<ProposedReading> found = new ArrayList<>();
        for (List<Integer> groups : Cells.of(meter.units())) {
            Optional<Integer> denominator = denominator();
            List<Meter> bars = denominator.isEmpty()
                    ? List.of(meter)
                    : groups.stream()
                            .map(size -> Meter.of(size, denominator.get()))
                            .toList();
            found.add(new ProposedReading(
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
