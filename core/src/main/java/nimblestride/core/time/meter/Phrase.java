package nimblestride.core.time.meter;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import nimblestride.core.foundation.exact.ExactMath;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.time.value.Grid;
import nimblestride.core.time.value.NoteValue;

/**
 * A list of bars that repeats. Bars are numbered from 0 within the phrase, and the numbers go on in each round after
 * the first.
 */
public final class Phrase {
    /** The most bars in a phrase, with its repeats played out. */
    public static final int MAX_BARS = 100_000;

    private final List<PhrasePart> parts;
    private final List<Bar> bars;
    private final List<Bar> kinds;
    private final Grid grid;
    /** Where each bar starts, in units of the grid; the last entry is where the phrase ends. */
    private final long[] starts;

    private final NoteValue length;

    private Phrase(List<PhrasePart> parts) {
        this.parts = List.copyOf(parts);
        if (parts.isEmpty()) {
            throw new InvalidValueException("a phrase needs at least one bar, such as 7/8");
        }
        long count = countBars(parts);
        if (count > MAX_BARS) {
            throw new InvalidValueException(
                    String.format(Locale.ROOT, "a phrase holds up to %,d bars; this one has %,d", MAX_BARS, count));
        }
        List<Bar> played = new ArrayList<>();
        playOut(parts, played);
        this.bars = List.copyOf(played);
        this.kinds = bars.stream().distinct().toList();
        this.grid = Grid.of(kinds.stream().map(Bar::length).toList());
        this.starts = new long[bars.size() + 1];
        Map<Bar, Long> units = new HashMap<>();
        for (Bar kind : kinds) {
            units.put(kind, grid.count(kind.length()));
        }
        for (int i = 0; i < bars.size(); i++) {
            starts[i + 1] = ExactMath.add(starts[i], units.get(bars.get(i)));
        }
        this.length = grid.value(starts[bars.size()]);
    }

    /**
     * Returns a phrase of bars and repeats.
     *
     * @throws InvalidValueException if there is no bar, or more than {@value #MAX_BARS}
     * @throws nimblestride.core.foundation.exact.ExactOverflowException if the phrase is longer, or divided more
     *     finely, than can be counted exactly
     */
    public static Phrase of(List<? extends PhrasePart> parts) {
        return new Phrase(List.copyOf(parts));
    }

    /** Returns a phrase of bars and repeats, as {@link #of(List)} does. */
    public static Phrase of(PhrasePart... parts) {
        return new Phrase(Arrays.asList(parts));
    }

    /** Returns a phrase of bars, with equal neighbors written as repeats. */
    public static Phrase folded(List<Bar> bars) {
        List<PhrasePart> parts = new ArrayList<>();
        addRuns(bars, parts);
        return new Phrase(parts);
    }

    private static long countBars(List<PhrasePart> parts) {
        long count = 0;
        for (PhrasePart part : parts) {
            // Every factor is an int, but a product of repeats may not fit a long.
            double total =
                    count + (part instanceof Repeat repeat ? (double) repeat.times() * countBars(repeat.parts()) : 1);
            count = (long) Math.min(total, Long.MAX_VALUE);
        }
        return count;
    }

    private static void playOut(List<PhrasePart> parts, List<Bar> into) {
        for (PhrasePart part : parts) {
            if (part instanceof Bar bar) {
                into.add(bar);
            } else if (part instanceof Repeat repeat) {
                for (int i = 0; i < repeat.times(); i++) {
                    playOut(repeat.parts(), into);
                }
            }
        }
    }

    /** Returns the phrase as it is written, with repeats. */
    public List<PhrasePart> parts() {
        return parts;
    }

    /** Returns the phrase as it is played, with repeats played out. */
    public List<Bar> bars() {
        return bars;
    }

    /** Returns each different bar once, in the order in which they first come. */
    public List<Bar> kinds() {
        return kinds;
    }

    /** Returns, for each written bar, the number of the bar at which it is first played. */
    public List<Integer> writtenBars() {
        List<Integer> numbers = new ArrayList<>();
        addWrittenBars(parts, 0, numbers);
        return numbers;
    }

    private static int addWrittenBars(List<PhrasePart> parts, int from, List<Integer> numbers) {
        int next = from;
        for (PhrasePart part : parts) {
            if (part instanceof Repeat repeat) {
                int once = addWrittenBars(repeat.parts(), next, numbers) - next;
                next += once * repeat.times();
            } else {
                numbers.add(next++);
            }
        }
        return next;
    }

    /**
     * Returns the phrase with another grouping for a written bar, every time it is played.
     *
     * @param bar number from 0, of any time the bar is played in the first round
     * @throws InvalidValueException if the grouping does not fill the bar
     */
    public Phrase regrouped(int bar, Grouping grouping) {
        return replacing(bar, List.of(new Bar(bars.get(bar).meter(), grouping)));
    }

    /**
     * Returns the phrase with other bars in place of a written one, every time it is played.
     *
     * @param bar number from 0, of any time the bar is played in the first round
     * @param others at least one
     * @throws InvalidValueException if the phrase would have more than {@value #MAX_BARS} bars
     */
    public Phrase replacing(int bar, List<Bar> others) {
        return new Phrase(replacing(parts, bar, others));
    }

    private static List<PhrasePart> replacing(List<PhrasePart> parts, int bar, List<Bar> others) {
        List<PhrasePart> changed = new ArrayList<>();
        int left = bar;
        boolean done = false;
        for (PhrasePart part : parts) {
            int count = ExactMath.toInt(countBars(List.of(part)));
            if (done || left >= count) {
                changed.add(part);
                left -= count;
                continue;
            }
            if (part instanceof Repeat repeat) {
                int within = left % (count / repeat.times());
                changed.add(new Repeat(replacing(repeat.parts(), within, others), repeat.times()));
            } else {
                changed.addAll(others);
            }
            done = true;
        }
        return changed;
    }

    /**
     * Returns the first bars, counted on through the rounds; whole rounds are written as repeats.
     *
     * @param count one or more
     * @throws InvalidValueException if they are more than {@value #MAX_BARS}
     */
    public Phrase first(long count) {
        if (count < 1 || count > MAX_BARS) {
            throw new InvalidValueException(
                    String.format(Locale.ROOT, "a phrase holds 1 to %,d bars, not %,d", MAX_BARS, count));
        }
        int rounds = (int) (count / bars.size());
        List<PhrasePart> first = new ArrayList<>();
        if (rounds == 1) {
            first.addAll(parts);
        } else if (rounds > 1) {
            first.add(new Repeat(parts, rounds));
        }
        addRuns(bars.subList(0, (int) (count % bars.size())), first);
        return new Phrase(first);
    }

    /** Adds bars, with equal neighbors written as a repeat. */
    private static void addRuns(List<Bar> bars, List<PhrasePart> into) {
        for (int from = 0; from < bars.size(); ) {
            Bar bar = bars.get(from);
            int to = from + 1;
            while (to < bars.size() && bars.get(to).equals(bar)) {
                to++;
            }
            into.add(to - from == 1 ? bar : new Repeat(List.of(bar), to - from));
            from = to;
        }
    }

    /**
     * Returns the phrase with a bar after its last.
     *
     * @throws InvalidValueException if it would have more than {@value #MAX_BARS} bars
     */
    public Phrase plus(Bar bar) {
        List<PhrasePart> longer = new ArrayList<>(parts);
        longer.add(bar);
        return new Phrase(longer);
    }

    /** Returns the coarsest grid that holds every bar line. */
    public Grid grid() {
        return grid;
    }

    /** Returns how long one round lasts. */
    public NoteValue length() {
        return length;
    }

    /**
     * Returns where a bar starts, in units of {@link #grid}.
     *
     * @param bar from 0; the number of bars stands for the end
     */
    public long startOnGrid(int bar) {
        return starts[bar];
    }

    /**
     * Returns where a bar starts, from the first start of the phrase.
     *
     * @param bar from 0; numbers past the end are bars of later rounds
     */
    public NoteValue startOf(long bar) {
        long round = bar / bars.size();
        return length.times(round).plus(grid.value(starts[(int) (bar % bars.size())]));
    }

    /** Returns the bar with a number, counted on through the rounds. */
    public Bar bar(long number) {
        return bars.get((int) (number % bars.size()));
    }

    /** Returns the number of the bar a moment lies in, counted on through the rounds. */
    public long barAt(NoteValue moment) {
        long round = moment.wholePartsOf(length);
        long within = moment.remainder(length).wholePartsOf(grid.unit());
        return barInRound(round, within);
    }

    /**
     * Returns the number of the bar that starts at, or holds, a number of units of the {@link #grid}, counted on
     * through the rounds.
     *
     * @param units zero or more
     */
    public long barOnGrid(long units) {
        long round = starts[bars.size()];
        return barInRound(units / round, units % round);
    }

    private long barInRound(long round, long within) {
        int found = Arrays.binarySearch(starts, within);
        int bar = found >= 0 ? found : -found - 2;
        return ExactMath.add(ExactMath.multiply(round, bars.size()), bar);
    }

    /** Returns whether all bars last equally long. */
    public boolean isEven() {
        for (int i = 1; i <= bars.size(); i++) {
            if (starts[i] != i * starts[1]) {
                return false;
            }
        }
        return true;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Phrase that && parts.equals(that.parts);
    }

    @Override
    public int hashCode() {
        return parts.hashCode();
    }

    @Override
    public String toString() {
        return parts.toString();
    }
}
