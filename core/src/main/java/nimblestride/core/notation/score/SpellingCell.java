package nimblestride.core.notation.score;

import nimblestride.core.foundation.exact.ExactMath;
import nimblestride.core.time.value.NoteValue;
import org.apache.commons.numbers.core.ArithmeticUtils;

/**
 * A stretch of a bar in equal parts, as it is felt: a group in its units, a tuplet in its notes, a beat in its halves.
 *
 * @param from start, in ticks from the start of the bar
 * @param to end
 * @param parts how many equal parts it has
 * @param tick written value of one tick
 * @param depth how many tuplets it is in
 */
record SpellingCell(long from, long to, int parts, NoteValue tick, int depth) {
    long length() {
        return to - from;
    }

    /** Returns one part, in ticks. */
    long part() {
        return length() / parts;
    }

    /** Returns the written value of some ticks. */
    NoteValue written(long ticks) {
        return tick.times(ticks);
    }

    /** Returns whether a moment is at the start of a part. */
    boolean isOnPart(long at) {
        return (at - from) % part() == 0;
    }

    /** Returns whether halving parts again and again reaches a moment. */
    boolean isReachedByHalving(long at) {
        long offset = ExactMath.multiply(at - from, (long) parts);
        long denominator = length() / ArithmeticUtils.gcd(length(), offset);
        return Long.bitCount(denominator) == 1;
    }

    /** Returns some of its parts, from one up to another. */
    SpellingCell run(int first, int end) {
        return new SpellingCell(from + first * part(), from + end * part(), end - first, tick, depth);
    }

    /** Returns the same cell in two halves. */
    SpellingCell halved() {
        return new SpellingCell(from, to, 2, tick, depth);
    }

    /** Returns the same cell in the notes of a tuplet. */
    SpellingCell as(Tuplet tuplet) {
        return new SpellingCell(from, to, tuplet.actual(), tuplet.written(tick), depth + 1);
    }
}
