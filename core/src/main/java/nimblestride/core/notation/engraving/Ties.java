package nimblestride.core.notation.engraving;

import java.util.List;
import nimblestride.core.notation.score.PartRhythm;
import nimblestride.core.notation.score.Score;
import nimblestride.core.notation.score.WrittenBar;
import nimblestride.core.notation.score.WrittenHead;
import nimblestride.core.notation.score.WrittenNote;

/** Draws ties between notes of a line, and into it and out of it. */
final class Ties {
    private static final double FROM_HEAD = 0.9;
    private static final double TO_HEAD = 0.3;
    private static final double LOW = 0.65;
    private static final double DEPTH = 0.7;
    private static final double STUB = 1.6;

    private final Staves staves;
    private final MusicFontMetrics face;
    private final Score score;
    private final List<BarSegment> segments;
    private final double[][][] xs;
    private final double lineEnd;

    /** @param xs of each segment, first the x of its columns, then those of each part's notes and rests */
    Ties(
            Staves staves,
            MusicFontMetrics face,
            Score score,
            List<BarSegment> segments,
            double[][][] xs,
            double lineEnd) {
        this.staves = staves;
        this.face = face;
        this.score = score;
        this.segments = segments;
        this.xs = xs;
        this.lineEnd = lineEnd;
    }

    void paint() {
        int most = segments.stream()
                .mapToInt(segment -> segment.bar().parts().size())
                .max()
                .orElse(0);
        for (int part = 0; part < most; part++) {
            double before = Double.NaN;
            for (int i = 0; i < segments.size(); i++) {
                if (part < segments.get(i).bar().parts().size()) {
                    before = segment(segments.get(i).bar(), part, xs[i][part + 1], before);
                }
            }
            out(part, before);
        }
    }

    /** Returns where the last note of the segment stands. */
    private double segment(WrittenBar bar, int part, double[] x, double lastBefore) {
        PartRhythm rhythm = bar.parts().get(part);
        double before = lastBefore;
        for (int i = 0; i < x.length; i++) {
            if (Double.isNaN(x[i])) {
                continue;
            }
            WrittenNote written = rhythm.written().get(i);
            if (written.tied()) {
                double from = Double.isNaN(before) ? x[i] - STUB : before + FROM_HEAD;
                tie(bar, part, written, from, x[i] + TO_HEAD);
            }
            before = x[i];
        }
        return before;
    }

    /** Draws half a tie at the end of a line for each note held into the next line. */
    private void out(int part, double before) {
        BarSegment last = segments.get(segments.size() - 1);
        int next = last.index() + 1;
        if (!last.closes() || next >= score.bars().size() || Double.isNaN(before)) {
            return;
        }
        List<PartRhythm> parts = score.bars().get(next).parts();
        if (part < parts.size() && parts.get(part).written().get(0).tied()) {
            WrittenNote first = parts.get(part).written().get(0);
            tie(last.bar(), part, first, before + FROM_HEAD, lineEnd - TO_HEAD);
        }
    }

    /** Ties curve away from the stems. */
    private void tie(WrittenBar bar, int part, WrittenNote written, double from, double to) {
        MarkCollector staff = staves.of(bar, part);
        int down = bar.isStemsUp(part) ? 1 : -1;
        for (WrittenHead head : written.heads()) {
            double y = -head.voice().staffPlace() / 2.0 + down * LOW;
            double low = y + down * DEPTH;
            double third = (to - from) / 3;
            staff.add(new Mark.Curve(
                    List.of(from, y, from + third, low, to - third, low, to, y),
                    face.lines().tie(),
                    Ink.INK));
            staff.reach(low);
        }
    }
}
