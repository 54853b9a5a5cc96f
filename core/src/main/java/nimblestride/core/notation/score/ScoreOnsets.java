package nimblestride.core.notation.score;

import java.util.Arrays;

/**
 * When something is struck in a bar, in ticks, in order, and which of it is held until the next is struck.
 *
 * @param carried whether something struck before the bar is held into it
 */
@SuppressWarnings("ArrayRecordComponent") // Never changed nor compared; a list of boxed numbers would be slow.
record ScoreOnsets(long[] at, boolean[] held, boolean carried) {
    /** Which onset is the first at or after a moment. */
    int firstFrom(long moment) {
        int found = Arrays.binarySearch(at, moment);
        return found >= 0 ? found : -found - 1;
    }

    /** Whether what was struck last before a moment is held until then. */
    boolean isHeldInto(long moment) {
        int before = firstFrom(moment) - 1;
        return before < 0 ? carried : held[before];
    }

    boolean isStruck(long moment) {
        return Arrays.binarySearch(at, moment) >= 0;
    }
}
