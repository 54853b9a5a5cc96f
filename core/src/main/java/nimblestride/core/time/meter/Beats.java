package nimblestride.core.time.meter;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import nimblestride.core.time.value.NoteValue;

/**
 * The beats of a bar: what the foot taps. Where the groups are unequal, the beats are unequal (London, <i>Hearing in
 * Time</i>, 2nd ed. 2012, chapter 7; common practice).
 *
 * <ul>
 *   <li>Where the unit is a quarter or longer, it is the beat; in 6/4, 9/4, and 12/4 in threes the beat is the group.
 *   <li>Otherwise each group of up to three units is a beat, and so is a group of four sixteenths or shorter units. Four
 *       eighths are two beats.
 *   <li>A group of five or more is a bar within the bar: its own strides, by {@link DefaultGrouping}, are the beats.
 * </ul>
 */
public final class Beats {
    private static final int THREES = 3;
    private static final int FOUR = 4;

    private final NoteValue unit;
    private final List<Integer> sizes;

    private Beats(NoteValue unit, List<Integer> sizes) {
        this.unit = unit;
        this.sizes = sizes;
    }

    /** Returns the beats of a bar in its grouping. */
    static Beats of(Bar bar) {
        NoteValue unit = bar.meter().unit();
        List<Integer> groups = bar.grouping().sizes();
        boolean threes = groups.stream().allMatch(size -> size == THREES);
        List<Integer> sizes = new ArrayList<>();
        if (unit.compareTo(NoteValue.QUARTER) >= 0 && !(threes && groups.size() > 1)) {
            for (int i = 0; i < bar.meter().units(); i++) {
                sizes.add(1);
            }
        } else {
            groups.forEach(size -> sizes.addAll(within(size, unit)));
        }
        return new Beats(unit, List.copyOf(sizes));
    }

    private static List<Integer> within(int size, NoteValue unit) {
        if (size < FOUR || (size == FOUR && unit.compareTo(NoteValue.EIGHTH) < 0)) {
            return List.of(size);
        }
        return size == FOUR ? List.of(2, 2) : DefaultGrouping.of(size, unit);
    }

    /** Returns how many beats there are. */
    public int count() {
        return sizes.size();
    }

    /** Returns how many units each beat lasts. */
    public List<Integer> sizes() {
        return sizes;
    }

    /** Returns where each beat starts, from the start of the bar. */
    public List<NoteValue> starts() {
        List<NoteValue> starts = new ArrayList<>();
        long at = 0;
        for (int size : sizes) {
            starts.add(unit.times(at));
            at += size;
        }
        return starts;
    }

    /**
     * Returns how long a beat lasts.
     *
     * @param beat its number, from 0
     */
    public NoteValue length(int beat) {
        return unit.times(sizes.get(beat));
    }

    /** Returns the length of each beat where all are equal; empty where they are not. */
    public Optional<NoteValue> even() {
        return sizes.stream().distinct().count() == 1 ? Optional.of(length(0)) : Optional.empty();
    }

    /**
     * Returns whether a beat is longer than the shortest one.
     *
     * @param beat its number, from 0
     */
    public boolean isLong(int beat) {
        return sizes.get(beat)
                > sizes.stream().mapToInt(Integer::intValue).min().orElseThrow();
    }

    /**
     * Returns the number of the beat at a position, from 0.
     *
     * @param position from the start of the bar, before its end
     */
    public int at(NoteValue position) {
        long units = position.wholePartsOf(unit);
        int beat = 0;
        for (long end = sizes.get(0); end <= units && beat < sizes.size() - 1; end += sizes.get(beat)) {
            beat++;
        }
        return beat;
    }

    /**
     * Returns the steady value counted from the bar's 1 where one value must stand for the beat: the even beat; where
     * beats are unequal, the quarter in bars that hold two and have units that divide it (the quarter in 11/8), else
     * two units.
     */
    public NoteValue pulse() {
        NoteValue two = unit.times(2);
        boolean quarters = NoteValue.QUARTER.isMultipleOf(unit)
                && unit.times(sizes.stream().mapToLong(Integer::longValue).sum())
                                .compareTo(NoteValue.HALF)
                        >= 0;
        return even().orElse(quarters ? NoteValue.QUARTER : two);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Beats beats && unit.equals(beats.unit) && sizes.equals(beats.sizes);
    }

    @Override
    public int hashCode() {
        return Objects.hash(unit, sizes);
    }

    /** Returns the beats in units joined by plus signs: {@code 2+2+3}. */
    @Override
    public String toString() {
        return new Grouping(sizes).toString();
    }
}
