package nimblestride.core.notation.score;

import java.util.ArrayList;
import java.util.List;
import nimblestride.core.notation.score.SpelledCell.Kind;
import nimblestride.core.notation.score.SpelledCell.Leaf;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.value.NoteValue;

/**
 * Joins what fills two equal beats of a bar in even beats: two quarter rests on 1 and 2, or on 3 and 4, become a half
 * rest, and two tied quarters a half note (common practice). The middle of the bar stays visible.
 */
final class RestAndTieMerging {
    private final NoteValue tick;
    private final long pair;

    RestAndTieMerging(Bar bar, NoteValue tick) {
        this.tick = tick;
        List<Integer> sizes = bar.grouping().sizes();
        boolean even = sizes.size() % 2 == 0 && sizes.stream().distinct().count() == 1;
        NoteValue beat = bar.meter().unit().times(sizes.get(0));
        boolean plain = NoteShape.of(beat.times(2)).isPresent() && beat.numerator() == 1;
        this.pair = even && plain ? beat.times(2).wholePartsOf(tick) : 0;
    }

    SpelledCell merge(SpelledCell spelled) {
        List<Leaf> merged = new ArrayList<>();
        List<Leaf> leaves = spelled.leaves();
        if (pair == 0) {
            return spelled;
        }
        List<TupletSpan> tuplets = new ArrayList<>(spelled.tuplets());
        for (int i = 0; i < leaves.size(); i++) {
            Leaf leaf = leaves.get(i);
            if (i + 1 < leaves.size() && isPair(leaf, leaves.get(i + 1))) {
                Leaf next = leaves.get(i + 1);
                NoteShape shape = NoteShape.of(tick.times(pair)).orElseThrow();
                int at = merged.size();
                tuplets.replaceAll(span -> span.from() > at ? span.movedBy(-1) : span);
                merged.add(new Leaf(leaf.from(), next.to(), shape, leaf.kind()));
                i++;
            } else {
                merged.add(leaf);
            }
        }
        return new SpelledCell(spelled.effort(), merged, tuplets);
    }

    private boolean isPair(Leaf one, Leaf other) {
        boolean together =
                one.from() % pair == 0 && one.to() - one.from() == pair / 2 && other.to() - other.from() == pair / 2;
        boolean alike = one.kind() == Kind.REST ? other.kind() == Kind.REST : other.kind() == Kind.TIED;
        return together && alike;
    }
}
