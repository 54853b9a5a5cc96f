package nimblestride.core.layer;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.LongStream;
import nimblestride.core.groove.Stroke;
import nimblestride.core.meter.Phrase;
import nimblestride.core.value.Grid;
import nimblestride.core.value.NoteValue;

/**
 * A layer laid over a phrase: hits that come at {@code begin + k * period + onset}, k = 0, 1, 2 …, all counted in whole
 * units of a grid. However far it runs, a course is no larger than what it repeats.
 */
public final class Course {
    private final Grid grid;
    private final long begin;
    private final long period;
    private final long[] onsets;
    private final Stroke[] strokes;
    private final long[] cycleStarts;
    private final NoteValue cycle;
    private final NoteValue remainder;

    Course(
            Grid grid,
            long begin,
            long period,
            long[] onsets,
            Stroke[] strokes,
            long[] cycleStarts,
            NoteValue cycle,
            NoteValue remainder) {
        this.grid = grid;
        this.begin = begin;
        this.period = period;
        this.onsets = onsets;
        this.strokes = strokes;
        this.cycleStarts = cycleStarts;
        this.cycle = cycle;
        this.remainder = remainder;
    }

    /**
     * @throws nimblestride.core.value.ExactOverflowException if its times cannot be counted exactly
     * @throws IllegalArgumentException if what repeats has more hits than can be listed
     */
    public static Course of(Layer layer, Phrase phrase) {
        return new CourseBuilder(layer, phrase).build();
    }

    /** The same course counted on a finer grid. */
    public Course on(Grid finer) {
        long factor = finer.count(grid.unit());
        if (factor == 1) {
            return this;
        }
        return new Course(
                finer,
                Math.multiplyExact(begin, factor),
                Math.multiplyExact(period, factor),
                Arrays.stream(onsets)
                        .map(onset -> Math.multiplyExact(onset, factor))
                        .toArray(),
                strokes,
                Arrays.stream(cycleStarts)
                        .map(start -> Math.multiplyExact(start, factor))
                        .toArray(),
                cycle,
                remainder);
    }

    public Grid grid() {
        return grid;
    }

    /** When it first begins, in units of the grid. */
    public long begin() {
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

    /** The length of a cycle; where cycles lie over bars that differ, of all of them until they repeat. */
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
        if (onsets.length == 0 || from.compareTo(to) >= 0) {
            return hits;
        }
        NoteValue start = grid.value(begin);
        NoteValue length = grid.value(period);
        NoteValue late = from.compareTo(start) > 0 ? from.minus(start) : NoteValue.ZERO;
        long round = late.wholePartsOf(length);
        int index = firstAtOrAfter(late.remainder(length));
        while (hits.size() < most) {
            if (index == onsets.length) {
                index = 0;
                round = Math.addExact(round, 1);
            }
            NoteValue at = start.plus(length.times(round)).plus(grid.value(onsets[index]));
            if (at.compareTo(to) >= 0) {
                break;
            }
            hits.add(new Hit(at, strokes[index], Arrays.binarySearch(cycleStarts, onsets[index]) >= 0));
            index++;
        }
        return hits;
    }

    private int firstAtOrAfter(NoteValue within) {
        int index = 0;
        int high = onsets.length;
        while (index < high) {
            int middle = (index + high) >>> 1;
            if (grid.value(onsets[middle]).compareTo(within) < 0) {
                index = middle + 1;
            } else {
                high = middle;
            }
        }
        return index;
    }
}
