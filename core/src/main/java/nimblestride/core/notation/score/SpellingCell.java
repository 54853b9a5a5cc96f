package nimblestride.core.notation.score;

import java.util.ArrayList;
import java.util.List;
import nimblestride.core.foundation.exact.ExactMath;
import nimblestride.core.time.value.NoteValue;
import org.apache.commons.numbers.core.ArithmeticUtils;

/**
 * A stretch of a bar in equal parts, as it is felt: a group in its units, a tuplet in its notes, a beat in its halves.
 *
 * @param from where it begins, in ticks from the start of the bar
 * @param to where it ends
 * @param parts into how many equal parts it falls
 * @param tick as what one tick is written here
 * @param within the tuplets it is in, the outermost first
 */
record SpellingCell(long from, long to, int parts, NoteValue tick, List<Tuplet> within) {
    long length() {
        return to - from;
    }

    /** One part, in ticks. */
    long part() {
        return length() / parts;
    }

    /** As what a length of so many ticks is written here. */
    NoteValue written(long ticks) {
        return tick.times(ticks);
    }

    /** Whether a moment falls on the beginning of a part. */
    boolean isOnPart(long at) {
        return (at - from) % part() == 0;
    }

    /** Whether a moment can be reached by halving parts again and again. */
    boolean isReachedByHalving(long at) {
        long offset = ExactMath.multiply(at - from, (long) parts);
        long denominator = length() / ArithmeticUtils.gcd(length(), offset);
        return Long.bitCount(denominator) == 1;
    }

    /** Some of its parts, from one up to another. */
    SpellingCell run(int first, int end) {
        return new SpellingCell(from + first * part(), from + end * part(), end - first, tick, within);
    }

    /** The same in two halves. */
    SpellingCell halved() {
        return new SpellingCell(from, to, 2, tick, within);
    }

    /** The same cut into the notes of a tuplet. */
    SpellingCell as(Tuplet tuplet) {
        List<Tuplet> deeper = new ArrayList<>(within);
        deeper.add(tuplet);
        return new SpellingCell(from, to, tuplet.actual(), tuplet.written(tick), List.copyOf(deeper));
    }
}
