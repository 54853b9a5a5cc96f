package nimblestride.core.notation.engraving;

import java.util.List;
import nimblestride.core.notation.engraving.Mark.Align;
import nimblestride.core.notation.engraving.Mark.Weight;
import nimblestride.core.notation.engraving.Mark.Words;
import nimblestride.core.notation.score.PartRhythm;
import nimblestride.core.notation.score.Score;
import nimblestride.core.notation.score.ScoreStyle.Stickings;
import nimblestride.core.notation.score.WrittenNote;
import nimblestride.core.time.counting.SpokenSyllable;

/** Draws stickings under the staff, and counts under them, each on a line of its own. */
final class BelowStaffRows {
    private static final double FIRST_ROW = 1.7;
    private static final double ROW = 2.0;

    private final MarkCollector strip;
    private final Score score;

    BelowStaffRows(MarkCollector strip, Score score) {
        this.strip = strip;
        this.score = score;
    }

    void paint(List<BarSegment> segments, double[][][] xs) {
        double y = strip.bottom() + FIRST_ROW;
        boolean stuck = false;
        if (score.style().stickings() != Stickings.NONE) {
            for (int i = 0; i < segments.size(); i++) {
                stuck |= stickings(segments.get(i), xs[i], y);
            }
        }
        if (stuck) {
            strip.reach(y + 0.3);
            y += ROW;
        }
        boolean counted = false;
        for (int i = 0; i < segments.size(); i++) {
            counted |= counts(segments.get(i), xs[i][0], y);
        }
        if (counted) {
            strip.reach(y + 0.4);
        }
    }

    private boolean stickings(BarSegment segment, double[][] xs, double y) {
        boolean any = false;
        List<PartRhythm> parts = segment.bar().parts();
        for (int part = 0; part < parts.size(); part++) {
            List<WrittenNote> written = parts.get(part).written();
            for (int i = 0; i < written.size(); i++) {
                double x = xs[part + 1][i];
                String letters = score.style().stickingFor(written.get(i));
                if (!letters.isEmpty() && !Double.isNaN(x)) {
                    strip.add(new Words(
                            letters,
                            x + NoteSpacing.HALF_HEAD,
                            y,
                            NoteSpacing.STICKING_SIZE,
                            Weight.REGULAR,
                            Align.MIDDLE,
                            Ink.INK));
                    any = true;
                }
            }
        }
        return any;
    }

    private boolean counts(BarSegment segment, double[] columns, double y) {
        boolean any = false;
        for (SpokenSyllable said : segment.bar().counts()) {
            double x = columns[segment.columns().of(said.at())];
            if (!Double.isNaN(x)) {
                strip.add(new Words(
                        said.syllable(),
                        x + NoteSpacing.HALF_HEAD,
                        y,
                        NoteSpacing.COUNT_SIZE,
                        said.startsGroup() ? Weight.BOLD : Weight.REGULAR,
                        Align.MIDDLE,
                        said.startsGroup() ? Ink.INK : Ink.QUIET));
                any = true;
            }
        }
        return any;
    }
}
