package nimblestride.core.notation.engraving;

import nimblestride.core.notation.engraving.Mark.Line;
import nimblestride.core.notation.engraving.Mark.Polygon;
import nimblestride.core.notation.engraving.Mark.Sign;

/** Draws the bar lines and repeat signs of a bar. */
final class BarLines {
    private static final double DOT_Y = 0.5;
    private static final double DASH = 0.5;
    private static final double DASH_GAP = 0.375;
    private static final double BEFORE_NOTE = 0.75;

    private final MarkCollector strip;
    private final MusicFontMetrics face;
    private final double half;

    /** @param half how far they reach up and down from the middle of the staff */
    BarLines(MarkCollector strip, MusicFontMetrics face, double half) {
        this.strip = strip;
        this.face = face;
        this.half = half;
    }

    void paint(BarSegment segment, double start, double end, boolean last) {
        if (segment.opens() && segment.bar().repeatStarts()) {
            double x = start + (segment.bar().signature().isEmpty() ? 0 : signatureRoom(segment));
            repeatStart(x);
        }
        if (!segment.closes()) {
            if (segment.columns().startsInnerBar(segment.end())) {
                dashed(end - face.lines().thinBarLine());
            }
            return;
        }
        if (segment.bar().repeatEnds() > 1) {
            thick(end - thickWidth());
            double thin = end
                    - thickWidth()
                    - face.lines().barLineSeparation()
                    - face.lines().thinBarLine();
            thin(thin);
            dots(thin - face.lines().repeatDotSeparation() - face.width(Glyph.REPEAT_DOT));
        } else if (last) {
            thick(end - thickWidth());
            thin(end
                    - thickWidth()
                    - face.lines().barLineSeparation()
                    - face.lines().thinBarLine());
        } else {
            thin(end - face.lines().thinBarLine());
        }
    }

    /** The signature stands before the repeat sign. */
    private double signatureRoom(BarSegment segment) {
        return new TimeSignatureDrawing(face, segment.bar().signature()).width() + Engraver.SIGNATURE_GAP + 0.5;
    }

    /**
     * Draws a dashed line before each inner bar.
     *
     * @param columns x of each column of the bar
     */
    void paintInner(BarSegment segment, double[] columns) {
        for (int column = segment.first() + 1; column < segment.end(); column++) {
            if (segment.columns().startsInnerBar(column)) {
                dashed(columns[column] - segment.columns().leftOf(column) - BEFORE_NOTE);
            }
        }
    }

    private double thickWidth() {
        return face.lines().thickBarLine();
    }

    private void repeatStart(double x) {
        thick(x);
        double thin = x + thickWidth() + face.lines().barLineSeparation();
        thin(thin);
        dots(thin + face.lines().thinBarLine() + face.lines().repeatDotSeparation());
    }

    private void dots(double x) {
        strip.add(new Sign(Glyph.REPEAT_DOT, x, -DOT_Y, 1, Ink.INK));
        strip.add(new Sign(Glyph.REPEAT_DOT, x, DOT_Y, 1, Ink.INK));
    }

    private void thin(double x) {
        double middle = x + face.lines().thinBarLine() / 2;
        strip.add(new Line(middle, -half, middle, half, face.lines().thinBarLine(), Ink.INK));
    }

    private void dashed(double x) {
        for (double y = -half; y < half; y += DASH + DASH_GAP) {
            strip.add(new Line(x, y, x, Math.min(half, y + DASH), face.lines().thinBarLine(), Ink.INK));
        }
    }

    private void thick(double x) {
        strip.add(Polygon.box(x, -half, thickWidth(), 2 * half, Ink.INK));
    }
}
