package nimblestride.core.notation.score;

import java.util.ArrayList;
import java.util.List;

/**
 * A stretch of a bar, spelled.
 *
 * @param effort how much there is to read: fewer signs and plainer tuplets are less
 */
record SpelledCell(double effort, List<Leaf> leaves, List<TupletSpan> tuplets) {
    private static final double NOTE = 1.0;
    private static final double TIED = 1.3;

    /** A note, a tied note, or a rest. */
    enum Kind {
        STRUCK,
        TIED,
        REST
    }

    /** A note or rest, in ticks from the start of the bar. */
    record Leaf(long from, long to, NoteShape shape, Kind kind) {}

    static SpelledCell of(List<Leaf> leaves) {
        double effort = leaves.stream()
                .mapToDouble(leaf -> leaf.kind() == Kind.TIED ? TIED : NOTE)
                .sum();
        return new SpelledCell(effort, leaves, List.of());
    }

    /** Joins parts one after another. */
    static SpelledCell joined(List<SpelledCell> parts) {
        double effort = 0;
        List<Leaf> leaves = new ArrayList<>();
        List<TupletSpan> spans = new ArrayList<>();
        for (SpelledCell part : parts) {
            int before = leaves.size();
            part.tuplets.forEach(span -> spans.add(span.movedBy(before)));
            leaves.addAll(part.leaves);
            effort += part.effort;
        }
        return new SpelledCell(effort, leaves, spans);
    }

    SpelledCell easier(SpelledCell other) {
        return effort <= other.effort ? this : other;
    }

    /** Returns all of it under a tuplet. */
    SpelledCell under(Tuplet tuplet, int depth, double cost) {
        List<TupletSpan> spans = new ArrayList<>();
        spans.add(new TupletSpan(tuplet, 0, leaves.size(), depth));
        spans.addAll(tuplets);
        return new SpelledCell(effort + cost, leaves, spans);
    }

    SpelledCell harderBy(double cost) {
        return new SpelledCell(effort + cost, leaves, tuplets);
    }
}
