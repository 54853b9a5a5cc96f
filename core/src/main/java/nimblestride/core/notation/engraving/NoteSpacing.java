package nimblestride.core.notation.engraving;

import java.util.BitSet;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import nimblestride.core.notation.engraving.Mark.Weight;
import nimblestride.core.notation.score.PartRhythm;
import nimblestride.core.notation.score.Score;
import nimblestride.core.notation.score.WrittenBar;
import nimblestride.core.notation.score.WrittenNote;
import nimblestride.core.time.counting.SpokenSyllable;
import nimblestride.core.time.value.NoteValue;

/**
 * Spaces the moments of a bar: the room each needs, and the room its duration asks for. Longer values get more room,
 * but less than in proportion (common practice in engraving).
 */
final class NoteSpacing {
    static final double COUNT_SIZE = 1.55;
    static final double STICKING_SIZE = 1.6;
    static final double PROBLEM_SIZE = 1.4;
    static final double HALF_HEAD = 0.59;

    private static final double ROOM_OF_A_SIXTEENTH = 2.3;
    private static final double GROWTH = 0.45;
    private static final double BETWEEN_SIGNS = 0.3;
    private static final double BETWEEN_WORDS = 0.4;
    private static final double BAR_REST = 6;
    private static final double BEFORE_BAR_LINE = 1.1;
    private static final double BEFORE_INNER_BAR = 0.5;
    private static final double BEFORE_REPEAT = 1.9;

    private final WrittenBar bar;
    private final List<NoteValue> at;
    /** What the signs of a column need to its left. */
    private final double[] left;

    private final double[] before;
    private final double[] after;
    private final double[] ideal;
    private final Map<NoteValue, Integer> columnAt = new HashMap<>();
    private final BitSet struck = new BitSet();

    private NoteSpacing(
            WrittenBar bar, List<NoteValue> at, double[] left, double[] before, double[] after, double[] ideal) {
        this.left = left;
        this.bar = bar;
        this.at = at;
        this.before = before;
        this.after = after;
        this.ideal = ideal;
        for (int column = 0; column < at.size(); column++) {
            columnAt.put(at.get(column), column);
        }
        bar.parts().stream()
                .flatMap(part -> part.written().stream())
                .filter(WrittenNote::isStruck)
                .forEach(written -> struck.set(of(written.at())));
    }

    static NoteSpacing of(Score score, WrittenBar bar, MusicFontMetrics face, TextMetrics letters) {
        TreeSet<NoteValue> moments = new TreeSet<>();
        moments.add(NoteValue.ZERO);
        bar.parts().forEach(part -> part.written().forEach(written -> moments.add(written.at())));
        bar.counts().forEach(said -> moments.add(said.at()));
        moments.addAll(bar.bar().innerBarStarts());
        List<NoteValue> at = List.copyOf(moments);
        int count = at.size();
        double[] left = new double[count];
        double[] right = new double[count];
        double[] wordsLeft = new double[count];
        double[] wordsRight = new double[count];
        for (int p = 0; p < bar.parts().size(); p++) {
            PartRhythm part = bar.parts().get(p);
            for (int i = 0; i < part.written().size(); i++) {
                int column = Collections.binarySearch(at, part.written().get(i).at());
                NoteExtent extent = NoteExtent.of(part, i, bar.isStemsUp(p), face);
                left[column] = Math.max(left[column], extent.left());
                right[column] = Math.max(right[column], extent.right());
                double half =
                        letters.width(score.style().stickingFor(part.written().get(i)), Weight.BOLD, STICKING_SIZE) / 2;
                wordsLeft[column] = Math.max(wordsLeft[column], half - HALF_HEAD);
                wordsRight[column] = Math.max(wordsRight[column], half + HALF_HEAD);
            }
        }
        for (SpokenSyllable said : bar.counts()) {
            int column = Collections.binarySearch(at, said.at());
            double half = letters.width(said.syllable(), Weight.BOLD, COUNT_SIZE) / 2;
            wordsLeft[column] = Math.max(wordsLeft[column], half - HALF_HEAD);
            wordsRight[column] = Math.max(wordsRight[column], half + HALF_HEAD);
        }
        double[] before = new double[count];
        double[] after = new double[count];
        double[] ideal = new double[count];
        for (int i = 0; i < count; i++) {
            NoteValue next = i + 1 < count ? at.get(i + 1) : bar.bar().length();
            ideal[i] = room(next.minus(at.get(i)));
            before[i] = Math.max(left[i], wordsLeft[i]);
            if (i > 0 && bar.bar().innerBarStarts().contains(at.get(i))) {
                before[i] = Math.max(before[i] + BEFORE_INNER_BAR, left[i] + BEFORE_BAR_LINE);
            }
            after[i] = Math.max(right[i] + BETWEEN_SIGNS, wordsRight[i] > 0 ? wordsRight[i] + BETWEEN_WORDS : 0);
        }
        if (!bar.problem().isEmpty()) {
            after[0] = letters.width(bar.problem(), Weight.ITALIC, PROBLEM_SIZE);
        }
        if (!bar.problem().isEmpty() || bar.parts().stream().allMatch(PartRhythm::isBarRest)) {
            ideal[count - 1] = Math.max(ideal[count - 1], BAR_REST);
        }
        return new NoteSpacing(bar, at, left, before, after, ideal);
    }

    private static double room(NoteValue length) {
        return ROOM_OF_A_SIXTEENTH * Math.pow(length.toDouble() * 16, GROWTH);
    }

    int count() {
        return at.size();
    }

    NoteValue at(int column) {
        return at.get(column);
    }

    /** Returns which column stands at a moment. */
    int of(NoteValue moment) {
        return columnAt.getOrDefault(moment, -1);
    }

    /** Returns whether an inner bar starts at a column; never at the start of the bar. */
    boolean startsInnerBar(int column) {
        return column > 0 && column < at.size() && bar.bar().innerBarStarts().contains(at.get(column));
    }

    /** Returns whether a note starts at a column. */
    boolean isStruck(int column) {
        return struck.get(column);
    }

    /** Returns whether a tuplet goes on at a moment. */
    boolean isUnderTuplet(NoteValue moment) {
        return bar.parts().stream().anyMatch(part -> part.tuplets().stream()
                .anyMatch(span -> part.written().get(span.from()).at().compareTo(moment) < 0
                        && part.written().get(span.to() - 1).end().compareTo(moment) > 0));
    }

    /** Returns how far the signs of a column reach to the left of its origin. */
    double leftOf(int column) {
        return left[column];
    }

    /** Returns what the first of a run of columns needs to its left. */
    double before(int column) {
        return before[column];
    }

    /** Returns the least room from a column's origin to the next one's, or to the bar line. */
    double least(int column) {
        return after[column] + (column + 1 < at.size() ? before[column + 1] : beforeBarLine());
    }

    private double beforeBarLine() {
        return bar.repeatEnds() > 1 ? BEFORE_REPEAT : BEFORE_BAR_LINE;
    }

    /** Returns the room its duration asks for. */
    double ideal(int column) {
        return ideal[column];
    }
}
