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
 * A layer laid over a phrase: hits at {@code start + k * period + onset}, k = 0, 1, 2 …, all in whole units of a grid.
 * However far it runs, a timeline is no larger than what it repeats.
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

    /** What sounds at an onset. */
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
     * Lays a layer over a phrase.
     *
     * @throws nimblestride.core.foundation.exact.ExactOverflowException if its times can't be counted exactly
     * @throws InvalidValueException if what repeats has more hits than can be listed
     */
    public static LayerTimeline of(Layer layer, Phrase phrase) {
        return new LayerTimelineBuilder(layer, phrase).build();
    }

    /** Returns the timeline on a finer grid. */
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
     * Returns the timeline over several of its periods, with only some of its hits.
     *
     * @param longer a multiple of its period
     * @param kept tests each hit, in units from the start of the timeline
     * @throws InvalidValueException if that has more hits than can be listed
     */
    LayerTimeline repeatedFor(long longer, LongPredicate kept) {
        long times = longer / period;
        if (times > LayerTimelineBuilder.MAX_HITS / Math.max(1, Math.max(onsets.length, cycleStarts.length))) {
            throw new InvalidValueException(String.format(
                    Locale.ROOT,
                    "it has more than %,d hits before it repeats; try a downbeat in more bars, or a shorter phrase",
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

    /** Returns the grid its times are counted on. */
    public Grid grid() {
        return grid;
    }

    /** Returns when it first starts, in units of the grid. */
    public long start() {
        return begin;
    }

    /** Returns after how long everything it does repeats, in units of the grid. */
    public long period() {
        return period;
    }

    /** Returns its hits within a period, from the start of the period, in order. */
    public LongStream onsets() {
        return Arrays.stream(onsets);
    }

    /** Returns where its cycles start within a period, whether or not a hit falls there, in order. */
    public LongStream cycleStarts() {
        return Arrays.stream(cycleStarts);
    }

    /** Returns how many hits a period has. */
    public int hitsPerPeriod() {
        return onsets.length;
    }

    /** Returns how many cycles a period has. */
    public int cyclesPerPeriod() {
        return cycleStarts.length;
    }

    /** Returns whether another timeline on the same grid plays at the same moments forever. */
    public boolean hitsLike(LayerTimeline other) {
        return grid.equals(other.grid)
                && begin == other.begin
                && period == other.period
                && Arrays.equals(onsets, other.onsets);
    }

    /**
     * Returns whether all cycles are equally long. Even notes over each of several bars follow the length of each.
     */
    public boolean hasEvenCycles() {
        return evenCycles;
    }

    /** Returns the length of a cycle; where cycles differ, of all of them until they repeat. */
    public NoteValue cycle() {
        return cycle;
    }

    /** Returns how much of the last cycle is played before a reset cuts it off; zero where none is cut off. */
    public NoteValue remainder() {
        return remainder;
    }

    /**
     * Lists the hits from one moment up to another, which is excluded.
     *
     * @param most hits to list
     */
    public List<Hit> between(NoteValue from, NoteValue to, int most) {
        List<Hit> hits = new ArrayList<>();
        walk(onsets, from, to, most, (index, at) -> {
            boolean startsCycle = Arrays.binarySearch(cycleStarts, onsets[index]) >= 0;
            hits.add(new Hit(at, played.get(index).stroke(), played.get(index).voices(), startsCycle));
        });
        return hits;
    }

    /**
     * Lists where cycles start from one moment up to another, which is excluded, whether or not a hit falls there.
     *
     * @param most starts to list
     */
    public List<NoteValue> cycleStartsBetween(NoteValue from, NoteValue to, int most) {
        List<NoteValue> starts = new ArrayList<>();
        walk(cycleStarts, from, to, most, (index, at) -> starts.add(at));
        return starts;
    }

    /** Counts the hits before a moment without listing them. */
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

    /** Returns the first unit of the grid that is not before a moment. */
    private long unitsUpTo(NoteValue moment) {
        long whole = moment.wholePartsOf(grid.unit());
        return moment.isMultipleOf(grid.unit()) ? whole : ExactMath.add(whole, 1);
    }

    private static int firstAtOrAfter(long[] places, long within) {
        int found = Arrays.binarySearch(places, within);
        return found >= 0 ? found : -found - 1;
    }
}
