package nimblestride.core.notation.engraving;

import java.util.ArrayList;
import java.util.List;
import nimblestride.core.notation.engraving.Mark.Sign;
import nimblestride.core.time.meter.Meter;

/** A time signature: number over number, sums with a plus between, alternating meters side by side. */
final class TimeSignatureDrawing {
    private static final double BETWEEN = 0.5;

    private final MusicFontMetrics face;
    private final List<Mark> marks = new ArrayList<>();
    private double width;

    TimeSignatureDrawing(MusicFontMetrics face, List<Meter> meters) {
        this.face = face;
        for (Meter meter : meters) {
            if (width > 0) {
                width += BETWEEN * 2;
            }
            meter(meter);
        }
    }

    private void meter(Meter meter) {
        boolean first = true;
        for (Meter.Term term : meter.terms()) {
            if (!first) {
                width += BETWEEN / 2;
                marks.add(new Sign(Glyph.TIME_PLUS, width, 0, 1, Ink.INK));
                width += face.width(Glyph.TIME_PLUS) + BETWEEN / 2;
            }
            first = false;
            String above = term.toString().substring(0, term.toString().indexOf('/'));
            String below = Integer.toString(term.denominator());
            double wide = Math.max(width(above), width(below));
            number(above, width + (wide - width(above)) / 2, -1);
            number(below, width + (wide - width(below)) / 2, 1);
            width += wide;
        }
    }

    private Glyph glyph(char sign) {
        return sign == '+' ? Glyph.TIME_PLUS_SMALL : Glyph.timeDigit(sign);
    }

    private double width(String number) {
        return number.chars()
                .mapToDouble(sign -> face.width(glyph((char) sign)))
                .sum();
    }

    private void number(String number, double from, double y) {
        double x = from;
        for (int i = 0; i < number.length(); i++) {
            Glyph sign = glyph(number.charAt(i));
            marks.add(new Sign(sign, x, y, 1, Ink.INK));
            x += face.width(sign);
        }
    }

    double width() {
        return width;
    }

    List<Mark> marks(double x) {
        return marks.stream().map(mark -> mark.movedBy(x, 0)).toList();
    }
}
