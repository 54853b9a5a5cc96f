package nimblestride.core.layer.alignment;

import java.util.BitSet;
import java.util.List;
import java.util.OptionalLong;
import java.util.stream.LongStream;
import nimblestride.core.foundation.exact.ExactMath;
import nimblestride.core.foundation.exact.ExactOverflowException;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.layer.timeline.LayerTimeline;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.Grid;
import nimblestride.core.time.value.NoteValue;

/**
 * Where several layers all play at once.
 *
 * @param every after how long it repeats
 * @param perCycle how often they play together in that time
 * @param onsets different hits all of them make in that time; empty if they can't be counted
 * @param first up to {@value #LISTED} of the moments, in order, from the first start of the phrase
 */
public record Unison(NoteValue every, long perCycle, OptionalLong onsets, List<NoteValue> first) {
    /** The most moments that are listed. */
    public static final int LISTED = 8;

    private static final int MAX_UNITS = 16_000_000;
    private static final int MAX_HITS = 100_000;
    private static final int MAX_LAYERS = 10;
    private static final int MAX_RESIDUES = 200;

    /**
     * Returns where layers play at once.
     *
     * @param timelines two or more
     * @throws ExactOverflowException if the common cycle can't be counted exactly
     * @throws InvalidValueException if they meet too often to list
     */
    public static Unison of(List<LayerTimeline> timelines) {
        Grid grid =
                timelines.stream().map(LayerTimeline::grid).reduce(Grid::and).orElseThrow();
        return exactly(() -> {
            List<PeriodicTimes> all = timelines.stream()
                    .map(timeline -> PeriodicTimes.of(timeline.on(grid)))
                    .toList();
            PeriodicTimes together = all.stream().reduce(PeriodicTimes::and).orElseThrow();
            return new Unison(
                    grid.value(together.period()),
                    together.count(),
                    onsets(all, together.period()),
                    together.first(together.count() == 0 ? 0 : LISTED)
                            .limit(LISTED)
                            .mapToObj(grid::value)
                            .toList());
        });
    }

    /**
     * On which bar lines all layers play: where the whole band is on the 1.
     *
     * @param every after how many bars it repeats
     * @param perCycle bar lines within those
     * @param longestWithout most bars from one such bar line to the next; empty if there is none
     * @param first up to {@value Unison#LISTED} of the bars, from 0, in order
     */
    public record OnBarLines(long every, long perCycle, OptionalLong longestWithout, List<Long> first) {}

    /**
     * Returns on which bar lines layers play at once.
     *
     * @param timelines one or more
     * @throws ExactOverflowException if the common cycle can't be counted exactly
     * @throws InvalidValueException if they meet too often to list
     */
    public static OnBarLines onBarLines(Phrase phrase, List<LayerTimeline> timelines) {
        Grid grid = timelines.stream().map(LayerTimeline::grid).reduce(phrase.grid(), Grid::and);
        return exactly(() -> {
            PeriodicTimes together = PeriodicTimes.ofBarLines(phrase, grid);
            for (LayerTimeline timeline : timelines) {
                together = together.and(PeriodicTimes.of(timeline.on(grid)));
            }
            long unit = grid.count(phrase.grid().unit());
            long bars = phrase.barOnGrid(together.period() / unit);
            int count = together.count();
            long[] numbers = together.first(count + 1)
                    .map(moment -> phrase.barOnGrid(moment / unit))
                    .toArray();
            OptionalLong longest = LongStream.range(0, count)
                    .map(i -> numbers[(int) i + 1] - numbers[(int) i])
                    .max();
            return new OnBarLines(
                    bars,
                    count,
                    longest,
                    LongStream.of(numbers)
                            .limit(Math.min(count, LISTED))
                            .boxed()
                            .toList());
        });
    }

    private interface Sum<T> {
        T get();
    }

    private static <T> T exactly(Sum<T> sum) {
        try {
            return sum.get();
        } catch (ExactOverflowException e) {
            throw new ExactOverflowException("their common cycle is too long to count exactly");
        }
    }

    /**
     * Counts all hits less those that coincide: by listing them where they are few, otherwise by inclusion and
     * exclusion.
     */
    private static OptionalLong onsets(List<PeriodicTimes> all, long cycle) {
        double hits = all.stream()
                .mapToDouble(one -> (double) cycle / one.period() * one.count())
                .sum();
        if (cycle <= MAX_UNITS && hits <= MAX_HITS) {
            return OptionalLong.of(ticked(all, (int) cycle));
        }
        boolean sparse = all.stream().mapToLong(PeriodicTimes::count).sum() <= MAX_RESIDUES;
        if (all.size() > MAX_LAYERS || !sparse) {
            return OptionalLong.empty();
        }
        try {
            return OptionalLong.of(struckByAny(all, 0, cycle));
        } catch (StrideException e) {
            return OptionalLong.empty();
        }
    }

    /** Ticks every unit of the cycle that is played, as on graph paper. */
    private static long ticked(List<PeriodicTimes> all, int cycle) {
        BitSet struck = new BitSet(cycle);
        for (PeriodicTimes one : all) {
            one.tick(struck, cycle);
        }
        return struck.cardinality();
    }

    private static long struckByAny(List<PeriodicTimes> all, int from, long cycle) {
        long count = 0;
        for (int i = from; i < all.size(); i++) {
            count = ExactMath.add(count, struckAlone(all, all.get(i), i + 1, cycle));
        }
        return count;
    }

    /** Counts the moments that none of the layers after a layer plays. */
    private static long struckAlone(List<PeriodicTimes> all, PeriodicTimes here, int next, long cycle) {
        if (here.count() == 0) {
            return 0;
        }
        long count = ExactMath.multiply(cycle / here.period(), (long) here.count());
        for (int i = next; i < all.size(); i++) {
            count -= struckAlone(all, here.and(all.get(i)), i + 1, cycle);
        }
        return count;
    }
}
