package nimblestride.core.engraving;

import java.util.Arrays;
import nimblestride.core.engraving.Mark.Sign;
import nimblestride.core.score.Rhythm;
import nimblestride.core.score.TupletSpan;

/** Draws the number of a tuplet, and its bracket where no beam of its own shows how far it goes. */
final class TupletPainter {
    private static final double GAP = 0.6;
    private static final double HEIGHT = 1.5;

    private final Strip strip;
    private final MusicFace face;
    private final Lettering letters;
    private final Rhythm part;
    private final int up;
    private final double[] x;
    private final double[] reach;

    /**
     * @param up 1 where stems point up, -1 where they point down
     * @param x of every note and rest
     * @param reach how far each of them reaches on its stem's side; a tuplet adds to it
     */
    TupletPainter(Strip strip, MusicFace face, Lettering letters, Rhythm part, int up, double[] x, double[] reach) {
        this.strip = strip;
        this.face = face;
        this.letters = letters;
        this.part = part;
        this.up = up;
        this.x = x;
        this.reach = reach;
    }

    void paint(TupletSpan span) {
        int last = span.to() - 1;
        double y = up > 0 ? -PartPainter.NEAREST_ACCENT : PartPainter.NEAREST_ACCENT;
        for (int i = span.from(); i <= last; i++) {
            y = up > 0 ? Math.min(y, reach[i] - GAP) : Math.max(y, reach[i] + GAP);
        }
        double from = x[span.from()];
        double to = x[last] + 2 * Columns.HALF_HEAD;
        double height = face.box(Glyph.TUPLET_3).north();
        double middle = (from + to) / 2;
        double line = y - up * height / 2;
        double digitsY = up > 0 ? y : y + height;
        double width = number(span, middle, digitsY);
        boolean beamed = part.beams().stream().anyMatch(beam -> beam.first() == span.from() && beam.last() == last);
        if (!beamed) {
            bracketHalf(from, middle - width / 2 - 0.3, line);
            bracketHalf(to, middle + width / 2 + 0.3, line);
        }
        Arrays.fill(reach, span.from(), span.to(), y - up * HEIGHT);
        strip.reach(y - up * HEIGHT);
    }

    /** Returns its width. */
    private double number(TupletSpan span, double middle, double y) {
        String number = span.tuplet().number();
        double width = 0;
        for (int i = 0; i < number.length(); i++) {
            width += face.width(Glyph.tupletSign(number.charAt(i)));
        }
        boolean withNote = !span.tuplet().isUsual();
        NoteSign note = new NoteSign(face, letters, span.tuplet().unit(), 0.7);
        double whole = width + (withNote ? 0.25 + note.width() : 0);
        double at = middle - whole / 2;
        for (int i = 0; i < number.length(); i++) {
            Glyph digit = Glyph.tupletSign(number.charAt(i));
            strip.add(new Sign(digit, at, y, 1, Ink.INK));
            at += face.width(digit);
        }
        if (withNote) {
            note.marks(at + 0.25, y).forEach(strip::add);
        }
        return whole;
    }

    private void bracketHalf(double outer, double inner, double y) {
        double thickness = face.lines().tupletBracket();
        strip.add(new Mark.Line(outer, y, inner, y, thickness, Ink.INK));
        strip.add(new Mark.Line(outer, y, outer, y + up * 0.6, thickness, Ink.INK));
    }
}
