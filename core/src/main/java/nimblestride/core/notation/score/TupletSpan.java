package nimblestride.core.notation.score;

/**
 * A tuplet over some of the notes and rests of a part.
 *
 * @param from index of the first, from 0
 * @param to index after the last
 * @param depth 0 for an outermost tuplet, 1 for one within it, and so on
 */
public record TupletSpan(Tuplet tuplet, int from, int to, int depth) {
    TupletSpan movedBy(int places) {
        return new TupletSpan(tuplet, from + places, to + places, depth);
    }
}
