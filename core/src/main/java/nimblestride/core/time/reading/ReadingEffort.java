package nimblestride.core.time.reading;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import nimblestride.core.time.partition.PartitionCost;
import nimblestride.core.time.value.NoteValue;

/**
 * How hard a reading is to feel: the smaller, the easier. Every weight of the model is here, each with its reason;
 * all of them are common practice put into numbers, and a table of meters holds them.
 */
final class ReadingEffort {
    /** A change of stride is a jolt. */
    static final long CHANGE = 6;
    /** Repeats come first and the odd one last; an odd one elsewhere is harder. */
    static final long EARLY_LONER = 4;
    /** The same order from both ends is easy to remember. */
    static final long PALINDROME = -7;
    /** Equal strides with the odd one last are the easiest of all: each is one more of the same. */
    static final long ODD_LAST = 6;
    /** Each of those strides. */
    static final long ODD_LAST_STRIDE = 1;
    /** A pattern in print is one that players meet: its order is learned, and only its strides count. */
    static final long PUBLISHED = 4;
    /** Each stride of such a pattern. */
    static final long PUBLISHED_STRIDE = 2;
    /** A bar that is less well known is harder, by its place among {@link KnownBar known bars}. */
    static final long OF_BAR = 2;
    /** The strides of a known bar are known, whatever their sizes. */
    static final long STRIDE_OF_BAR = 1;
    /** A stride of six, a dotted quarter in sixteenths, is long to hold among quarters. */
    static final long LONG_STRIDE = 1;
    /** A bar that stands at both ends is easy to remember. */
    static final long FRAMED = -3;
    /** Other strides than a bar's usual ones. */
    static final long UNUSUAL_STRIDES = 4;
    /** Another bar has to be thought of. */
    static final long ANOTHER_BAR = 4;
    /** The same bar again is hardly any work: AAB and ABAB are easy. */
    static final long SAME_BAR = 1;
    /** A bar line hides a change of stride. */
    static final long CHANGE_AT_BAR_LINE = 1;
    /** A cell is counted within, so that its own size matters little. */
    static final long OF_CELL = 4;
    /** Cells need a count that players have to learn. */
    static final long CELLS = 4;
    /** The same cell again. */
    static final long SAME_CELL = 2;
    /** Cells that are not all equal. */
    static final long UNEQUAL_CELLS = 4;
    /** A cell longer than the others that does not come first has to be waited for. */
    static final long LONG_CELL_LATER = 2;

    /** By size from 0: one unit is a hiccup, two and three are one movement, more are counted within. */
    private static final long[] QUARTERS = {0, 4, 2, 2, 2, 7, 7, 9};
    /** Four eighths are two beats. */
    private static final long[] EIGHTHS = {0, 7, 2, 2, 5, 8, 8, 10};
    /** Four sixteenths are a beat, six a dotted one; two are only half a beat. */
    private static final long[] SIXTEENTHS = {0, 5, 3, 2, 2, 8, 4, 10, 6};

    private static final long OF_EACH_UNIT_MORE = 3;

    private final long[] ofSize;

    private ReadingEffort(long[] ofSize) {
        this.ofSize = ofSize;
    }

    /** Returns the effort of groups of a unit. */
    static ReadingEffort in(NoteValue unit) {
        int compared = unit.compareTo(NoteValue.EIGHTH);
        return new ReadingEffort(
                unit.compareTo(NoteValue.QUARTER) >= 0 ? QUARTERS : compared >= 0 ? EIGHTHS : shorter(unit));
    }

    /** Twelfths and the like go in threes and twos, as eighths do. */
    private static long[] shorter(NoteValue unit) {
        return Long.bitCount(unit.denominator()) == 1 ? SIXTEENTHS : EIGHTHS;
    }

    long ofGroup(int units) {
        int most = ofSize.length - 1;
        return units <= most ? ofSize[units] : ofSize[most] + OF_EACH_UNIT_MORE * (units - most);
    }

    PartitionCost cost() {
        return new PartitionCost(this::ofGroup, CHANGE, EARLY_LONER);
    }

    /** Returns the effort of a few bigger cells. */
    static long ofCells(List<Integer> cells) {
        boolean equal = cells.stream().distinct().count() == 1;
        boolean longFirst = cells.get(0) >= Collections.max(cells);
        return equal
                ? CELLS + OF_CELL + SAME_CELL * (cells.size() - 1)
                : CELLS + OF_CELL * cells.size() + UNEQUAL_CELLS + (longFirst ? 0 : LONG_CELL_LATER);
    }

    /** Returns the effort of strides one after the other. */
    long inOrder(List<Integer> groups) {
        long effort = 0;
        for (int i = 0; i < groups.size(); i++) {
            effort += ofGroup(groups.get(i));
            if (i > 0 && !groups.get(i).equals(groups.get(i - 1))) {
                boolean loner = i == 1 || !groups.get(i - 1).equals(groups.get(i - 2));
                effort += CHANGE + (loner ? EARLY_LONER : 0);
            }
        }
        return effort;
    }

    /** Returns whether groups that are not all alike read the same from both ends. */
    static boolean isPalindrome(List<Integer> groups) {
        boolean alike = groups.stream().distinct().count() == 1;
        List<Integer> back = new ArrayList<>(groups);
        Collections.reverse(back);
        return !alike && back.equals(groups);
    }
}
