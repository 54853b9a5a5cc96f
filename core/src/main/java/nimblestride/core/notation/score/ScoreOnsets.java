package nimblestride.core.notation.score;

import java.util.Arrays;

/**
 * When notes start in a bar, in ticks, in order, and which are held until the next.
 *
 * @param carried whether a note from before the bar is held into it
 */
@SuppressWarnings("ArrayRecordComponent") // Never changed nor compared; a list of boxed numbers would be slow.
record ScoreOnsets(long[] at, boolean[] held, boolean carried) {
    /** Returns the index of the first onset at or after a moment. */
    int firstFrom(long moment) {
        int found = Arrays.binarySearch(at, moment);
        return found >= 0 ? found : -found - 1;
    }

    /** Returns whether the last note before a moment is held until then. */
    boolean isHeldInto(long moment) {
        int before = firstFrom(moment) - 1;
        return before < 0 ? carried : held[before];
    }

    /**
     * Returns how many notes and rests a stretch needs at least, however it is spelled: one for each stroke, and one for
     * what comes before the first.
     */
    int fewestSigns(long from, long to) {
        int first = firstFrom(from);
        boolean isStruckAtOnce = first < at.length && at[first] == from;
        return firstFrom(to) - first + (isStruckAtOnce ? 0 : 1);
    }

    boolean isStruck(long moment) {
        return Arrays.binarySearch(at, moment) >= 0;
    }
}
