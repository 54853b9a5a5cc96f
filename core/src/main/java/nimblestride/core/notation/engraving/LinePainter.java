package nimblestride.core.notation.engraving;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nimblestride.core.notation.engraving.Mark.Align;
import nimblestride.core.notation.engraving.Mark.Sign;
import nimblestride.core.notation.engraving.Mark.Weight;
import nimblestride.core.notation.engraving.Mark.Words;
import nimblestride.core.notation.score.NoteShape;
import nimblestride.core.notation.score.PartRhythm;
import nimblestride.core.notation.score.Score;
import nimblestride.core.notation.score.WrittenBar;
import nimblestride.core.time.value.NoteValue;

/** Draws one line of a score: staff, clef, bars, and the rows of words above and below. */
final class LinePainter {
    private static final double MARGIN = 0.5;
    /** A last line that is at least so full is stretched to the margin; one that is less so, only by this factor. */
    private static final double FULL_ENOUGH = 0.6;

    private static final double MAX_LAST_STRETCH = 1.5;
    private static final double AFTER_COURTESY = 0.5;
    private static final double SPOT_BEFORE = 0.4;

    private final Score score;
    private final LineOfBars line;
    private final List<BarSegment> segments;
    private final MusicFontMetrics face;
    private final TextMetrics letters;
    private final Staves staves;
    private final MarkCollector strip;
    private final List<PartPainter> parts = new ArrayList<>();

    LinePainter(Score score, LineOfBars line, MusicFontMetrics face, TextMetrics letters) {
        this.score = score;
        this.line = line;
        this.segments = line.segments();
        this.face = face;
        this.letters = letters;
        this.staves = new Staves(segments);
        this.strip = staves.kit();
    }

    Drawing paint(double width) {
        double courtesy = line.courtesy();
        double factor = factor(width - Engraver.CLEF_ROOM - courtesy);
        double[] starts = new double[segments.size() + 1];
        starts[0] = Engraver.CLEF_ROOM;
        for (int i = 0; i < segments.size(); i++) {
            starts[i + 1] = starts[i] + segments.get(i).stretched(factor);
        }
        double end = starts[segments.size()];
        strip.add(new Sign(Glyph.PERCUSSION_CLEF, 0.6, 0, 1, Ink.INK));
        double[][][] xs = new double[segments.size()][][];
        for (int i = 0; i < segments.size(); i++) {
            xs[i] = notes(segments.get(i), starts[i], factor);
        }
        tuplets();
        new Ties(staves, face, score, segments, xs, end).paint();
        new BelowStaffRows(strip, score).paint(segments, xs);
        spots(xs, end);
        staves.drawRiffs(segments, starts, score.bars().size() - 1, face);
        staves.stack();
        new AboveStaffRow(strip, face, letters).paint(segments, starts, width);
        staves.drawKit(end + courtesy, face);
        if (courtesy > 0) {
            WrittenBar bar = line.next().orElseThrow().bar();
            new TimeSignatureDrawing(face, bar.signature())
                    .marks(end + Engraver.SIGNATURE_GAP - AFTER_COURTESY)
                    .forEach(strip::add);
        }
        for (int i = 0; i < segments.size(); i++) {
            BarLines barLines = new BarLines(strip, face, Staves.KIT);
            barLines.paint(segments.get(i), starts[i], starts[i + 1], isLast(segments.get(i)));
            barLines.paintInner(segments.get(i), xs[i][0]);
        }
        return strip.drawing(width, MARGIN);
    }

    private boolean isLast(BarSegment segment) {
        return segment.index() + 1 == score.bars().size();
    }

    /** Returns how many times the room they ask for durations get: the line is full, unless it ends the piece early. */
    private double factor(double room) {
        boolean ends = line.next().isEmpty() && total(MAX_LAST_STRETCH) < FULL_ENOUGH * room;
        return ends ? MAX_LAST_STRETCH : fullAt(room);
    }

    private double fullAt(double room) {
        double low = 0;
        double high = 1;
        while (total(high) < room && high < 1_000) {
            high *= 2;
        }
        for (int i = 0; i < 50; i++) {
            double middle = (low + high) / 2;
            if (total(middle) > room) {
                high = middle;
            } else {
                low = middle;
            }
        }
        return low;
    }

    private double total(double factor) {
        return segments.stream()
                .mapToDouble(segment -> segment.stretched(factor))
                .sum();
    }

    /** Draws the notes of a segment. Returns the x of each column, then those of each part. */
    private double[][] notes(BarSegment segment, double start, double factor) {
        WrittenBar bar = segment.bar();
        if (segment.opens() && !bar.signature().isEmpty()) {
            TimeSignatureDrawing signature = new TimeSignatureDrawing(face, bar.signature());
            signature.marks(start + Engraver.SIGNATURE_GAP).forEach(strip::add);
        }
        double[] columns = new double[segment.columns().count()];
        Arrays.fill(columns, Double.NaN);
        double at = start + segment.lead();
        for (int i = segment.first(); i < segment.end(); i++) {
            columns[i] = at;
            at += segment.gap(i, factor);
        }
        double[][] rows = new double[1 + bar.parts().size()][];
        rows[0] = columns;
        if (!bar.problem().isEmpty() && segment.opens()) {
            double middle = start + segment.lead();
            strip.add(new Words(
                    bar.problem(), middle, -3, NoteSpacing.PROBLEM_SIZE, Weight.ITALIC, Align.START, Ink.LANDING));
            strip.reach(-4.5);
        }
        for (int part = 0; part < bar.parts().size(); part++) {
            PartRhythm rhythm = bar.parts().get(part);
            double[] own = new double[rhythm.written().size()];
            for (int i = 0; i < own.length; i++) {
                own[i] = columns[segment.columns().of(rhythm.written().get(i).at())];
            }
            rows[part + 1] = own;
            RestPosition rests = RestPosition.of(bar, part, face);
            MarkCollector staff = staves.of(bar, part);
            PartPainter painter = new PartPainter(staff, face, letters, rhythm, bar.isStemsUp(part), rests, own);
            painter.paint();
            parts.add(painter);
            boolean whole = segment.opens() && segment.closes();
            if (whole && bar.signs().again()) {
                again(bar, part, start + segment.lead(), start + segment.stretched(factor));
            } else if (whole && rhythm.isBarRest()) {
                barRest(staff, rests.y(NoteShape.WHOLE), start + segment.lead(), start + segment.stretched(factor));
            }
        }
        return rows;
    }

    /** All tuplets on one side of a staff stand equally far from it. */
    private void tuplets() {
        Map<PartPainter.Side, Double> farthest = new HashMap<>();
        for (PartPainter part : parts) {
            part.tuplets()
                    .ifPresent(y -> farthest.merge(
                            part.side(), y, (one, other) -> Math.abs(one) > Math.abs(other) ? one : other));
        }
        for (PartPainter part : parts) {
            Optional.ofNullable(farthest.get(part.side())).ifPresent(part::paintTuplets);
        }
    }

    /** A bar's rest stands in its middle, and hangs from a line. */
    private void barRest(MarkCollector staff, double y, double from, double to) {
        double x = (from + to - face.width(Glyph.REST_WHOLE)) / 2 - 0.3;
        staff.add(new Sign(Glyph.REST_WHOLE, x, y, 1, Ink.INK));
        staff.reach(y + 0.6);
    }

    /** The sign for a bar like the one before stands in the middle of its bar, once on each staff. */
    private void again(WrittenBar bar, int part, double from, double to) {
        MarkCollector staff = staves.of(bar, part);
        if (part > 0 && bar.riffOf(part).isEmpty()) {
            return;
        }
        staff.add(new Sign(Glyph.BAR_AGAIN, (from + to - face.width(Glyph.BAR_AGAIN)) / 2, 0, 1, Ink.INK));
    }

    /** Every column can be pointed at, from halfway after the one before it. */
    private void spots(double[][][] xs, double end) {
        for (int i = 0; i < segments.size(); i++) {
            BarSegment segment = segments.get(i);
            double[] columns = xs[i][0];
            for (int column = segment.first(); column < segment.end(); column++) {
                double next = column + 1 < segment.end()
                        ? columns[column + 1]
                        : i + 1 < segments.size()
                                ? xs[i + 1][0][segments.get(i + 1).first()]
                                : end;
                double from = columns[column] - SPOT_BEFORE;
                NoteValue at = segment.columns().at(column);
                strip.spot(
                        segment.index(),
                        at,
                        from,
                        next - SPOT_BEFORE - from,
                        segment.columns().isStruck(column));
            }
        }
    }
}
