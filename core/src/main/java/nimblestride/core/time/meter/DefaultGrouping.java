package nimblestride.core.time.meter;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import nimblestride.core.time.value.NoteValue;

/**
 * How a bar typed without parentheses is grouped. The whole table is common practice; published additive patterns
 * (Toussaint, <i>The Geometry of Musical Rhythm</i>, 2nd ed. 2020) agree with it where they cover a meter.
 *
 * <ul>
 *   <li>Quarters and longer units: up to four stay plain; 6, 9, and 12 go in threes (compound time); 7 is a bar of four
 *       and one of three; others go in fours.
 *   <li>Eighths, and twelfths and the like: threes with twos last; 7 is 2+2+3, 8 is 3+3+2, 14 is two sevens.
 *   <li>Sixteenths and shorter: 7 is 2+2+3; 3, 6, 9, and 12 go in threes; others go in fours.
 * </ul>
 *
 * In fours, the rest comes last; a rest of one makes the last four a five, which is 3+2.
 */
final class DefaultGrouping {
    private static final int EIGHTHS = 8;
    private static final int SIXTEENTHS = 16;
    private static final int PLAIN = 4;
    private static final List<Integer> SEVEN = List.of(2, 2, 3);
    private static final Map<Integer, List<Integer>> SEVENS = Map.of(7, SEVEN, 14, List.of(2, 2, 3, 2, 2, 3));

    private DefaultGrouping() {}

    /** Returns the groups of a term, in its own units. */
    static List<Integer> of(Meter.Term term) {
        return term.numerators().size() > 1 ? term.numerators() : of(Math.toIntExact(term.count()), term.denominator());
    }

    /** Returns the groups of a number of units, as in a bar of their own. */
    static List<Integer> of(int count, NoteValue unit) {
        return of(count, unit.denominator());
    }

    private static List<Integer> of(int count, long denominator) {
        if (denominator < EIGHTHS) {
            return ofQuarters(count);
        }
        boolean sixteenths = denominator >= SIXTEENTHS && Long.bitCount(denominator) == 1;
        return sixteenths ? ofSixteenths(count) : SEVENS.getOrDefault(count, threesAndTwos(count));
    }

    private static List<Integer> ofQuarters(int count) {
        if (count <= PLAIN) {
            return Collections.nCopies(count, 1);
        }
        return count == 7 ? SEVEN : isCompound(count) ? threesAndTwos(count) : fours(count);
    }

    private static List<Integer> ofSixteenths(int count) {
        return count == 7 ? SEVEN : count == 3 || isCompound(count) ? threesAndTwos(count) : fours(count);
    }

    private static boolean isCompound(int count) {
        return count == 6 || count == 9 || count == 12;
    }

    private static List<Integer> threesAndTwos(int count) {
        int twos = count % 3 == 0 ? 0 : count % 3 == 2 ? 1 : 2;
        if (count < 2 * twos) {
            return List.of(count);
        }
        List<Integer> groups = new ArrayList<>(Collections.nCopies((count - 2 * twos) / 3, 3));
        groups.addAll(Collections.nCopies(twos, 2));
        return groups;
    }

    private static List<Integer> fours(int count) {
        int rest = count % 4;
        if (count < 4) {
            return List.of(count);
        }
        if (rest == 1) {
            List<Integer> groups = new ArrayList<>(Collections.nCopies(count / 4 - 1, 4));
            groups.addAll(List.of(3, 2));
            return groups;
        }
        List<Integer> groups = new ArrayList<>(Collections.nCopies(count / 4, 4));
        if (rest > 0) {
            groups.add(rest);
        }
        return groups;
    }
}
