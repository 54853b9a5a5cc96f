package nimblestride.core.layer.timeline;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.function.LongPredicate;
import java.util.stream.LongStream;
import nimblestride.core.foundation.exact.ExactMath;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.layer.pattern.Hit;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.Grid;
import nimblestride.core.time.value.NoteValue;

/**
 * A layer laid over a phrase: hits that come at {@code begin + k * period + onset}, k = 0, 1, 2 …, all counted in whole
 * units of a grid. However far it runs, a course is no larger than what it repeats.
 */
public final class LayerTimeline {
    private final Grid grid;
    private final long begin;
    private final long period;
    private final long[] onsets;
    private final List<Played> played;
    private final long[] cycleStarts;
    private final boolean evenCycles;
    private final NoteValue cycle;
    private final NoteValue remainder;

    /** What sounds with an onset. */
    record Played(Stroke stroke, List<Voice> voices) {}

    LayerTimeline(
            Grid grid,
            long begin,
            long period,
            long[] onsets,
            List<Played> played,
            long[] cycleStarts,
            boolean evenCycles,
            NoteValue cycle,
            NoteValue remainder) {
        this.grid = grid;
        this.begin = begin;
        this.period = period;
        this.onsets = onsets;
        this.played = List.copyOf(played);
        this.cycleStarts = cycleStarts;
        this.evenCycles = evenCycles;
        this.cycle = cycle;
        this.remainder = remainder;
    }

    /**
     * @throws nimblestride.core.foundation.exact.ExactOverflowException if its times cannot be counted exactly
     * @throws InvalidValueException if what repeats has more hits than can be listed
     */
    public static LayerTimeline of(Layer layer, Phrase phrase) {
        return new LayerTimelineBuilder(layer, phrase).build();
    }

    /** The same course counted on a finer grid. */
    public LayerTimeline on(Grid finer) {
        long factor = finer.count(grid.unit());
        if (factor == 1) {
            return this;
        }
        return new LayerTimeline(
                finer,
                ExactMath.multiply(begin, factor),
                ExactMath.multiply(period, factor),
                Arrays.stream(onsets)
                        .map(onset -> ExactMath.multiply(onset, factor))
                        .toArray(),
                played,
                Arrays.stream(cycleStarts)
                        .map(start -> ExactMath.multiply(start, factor))
                        .toArray(),
                evenCycles,
                cycle,
                remainder);
    }

    /**
     * The same course told over several of its periods, with only those hits that are to be kept.
     *
     * @param longer a multiple of its period
     * @param kept asked of each hit, in units from the beginning of the course
     * @throws InvalidValueException if that has more hits than can be listed
     */
    LayerTimeline repeatedFor(long longer, LongPredicate kept) {
        long times = longer / period;
        if (times > LayerTimelineBuilder.MAX_HITS / Math.max(1, Math.max(onsets.length, cycleStarts.length))) {
            throw new InvalidValueException(String.format(
                    Locale.ROOT,
                    "it would have more than %,d hits before it repeats; a 1 in more bars, or a shorter phrase, can be listed",
                    LayerTimelineBuilder.MAX_HITS));
        }
        LongStream.Builder hits = LongStream.builder();
        LongStream.Builder starts = LongStream.builder();
        List<Played> sounding = new ArrayList<>();
        for (long round = 0; round < times; round++) {
            for (int i = 0; i < onsets.length; i++) {
                long at = round * period + onsets[i];
                if (kept.test(at)) {
                    hits.add(at);
                    sounding.add(played.get(i));
                }
            }
            for (long start : cycleStarts) {
                starts.add(round * period + start);
            }
        }
        return new LayerTimeline(
                grid,
                begin,
                longer,
                hits.build().toArray(),
                sounding,
                starts.build().toArray(),
                evenCycles,
                cycle,
                remainder);
    }

    public Grid grid() {
        return grid;
    }

    /** When it first begins, in units of the grid. */
    public long start() {
        return begin;
    }

    /** After how long everything it does repeats, in units of the grid. */
    public long period() {
        return period;
    }

    /** Its hits within a period, counted from the period's start, in order. */
    public LongStream onsets() {
        return Arrays.stream(onsets);
    }

    /** Where its cycles start within a period, whether or not a hit falls there, in order. */
    public LongStream cycleStarts() {
        return Arrays.stream(cycleStarts);
    }

    public int hitsPerPeriod() {
        return onsets.length;
    }

    public int cyclesPerPeriod() {
        return cycleStarts.length;
    }

    /** Whether another strikes at the same moments for ever, counted on the same grid. */
    public boolean hitsLike(LayerTimeline other) {
        return grid.equals(other.grid)
                && begin == other.begin
                && period == other.period
                && Arrays.equals(onsets, other.onsets);
    }

    /** Whether all cycles are equally long; even notes over each of several bars go through them at the pace of each. */
    public boolean hasEvenCycles() {
        return evenCycles;
    }

    /** The length of a cycle; where they differ, of all of them until they repeat. */
    public NoteValue cycle() {
        return cycle;
    }

    /** The part of the last cycle that is played before a reset cuts it short; zero where none is cut. */
    public NoteValue remainder() {
        return remainder;
    }

    /**
     * The hits from one moment up to another, that one left out.
     *
     * @param most stop after so many
     */
    public List<Hit> between(NoteValue from, NoteValue to, int most) {
        List<Hit> hits = new ArrayList<>();
        walk(onsets, from, to, most, (index, at) -> {
            boolean startsCycle = Arrays.binarySearch(cycleStarts, onsets[index]) >= 0;
            hits.add(new Hit(at, played.get(index).stroke(), played.get(index).voices(), startsCycle));
        });
        return hits;
    }

    /** Where cycles start from one moment up to another, that one left out, whether or not a hit falls there. */
    public List<NoteValue> cycleStartsBetween(NoteValue from, NoteValue to, int most) {
        List<NoteValue> starts = new ArrayList<>();
        walk(cycleStarts, from, to, most, (index, at) -> starts.add(at));
        return starts;
    }

    /** How many hits there are before a moment, however many that is; found without listing them. */
    public long hitsBefore(NoteValue moment) {
        long late = ExactMath.subtract(unitsUpTo(moment), begin);
        if (late <= 0) {
            return 0;
        }
        long whole = ExactMath.multiply(late / period, (long) onsets.length);
        return ExactMath.add(whole, firstAtOrAfter(onsets, late % period));
    }

    private interface Visitor {
        void visit(int index, NoteValue at);
    }

    /** Visits the places of a period, round after round. */
    private void walk(long[] places, NoteValue from, NoteValue to, int most, Visitor visitor) {
        if (places.length == 0 || from.compareTo(to) >= 0) {
            return;
        }
        long late = Math.max(0, ExactMath.subtract(unitsUpTo(from), begin));
        long end = unitsUpTo(to);
        long round = late / period;
        int index = firstAtOrAfter(places, late % period);
        for (int visited = 0; visited < most; visited++, index++) {
            if (index == places.length) {
                index = 0;
                round = ExactMath.add(round, 1);
            }
            long at = ExactMath.add(ExactMath.add(begin, ExactMath.multiply(round, period)), places[index]);
            if (at >= end) {
                return;
            }
            visitor.visit(index, grid.value(at));
        }
    }

    /** The first unit of the grid that is not before a moment. */
    private long unitsUpTo(NoteValue moment) {
        long whole = moment.wholePartsOf(grid.unit());
        return moment.isMultipleOf(grid.unit()) ? whole : ExactMath.add(whole, 1);
    }

    private static int firstAtOrAfter(long[] places, long within) {
        int found = Arrays.binarySearch(places, within);
        return found >= 0 ? found : -found - 1;
    }
}
