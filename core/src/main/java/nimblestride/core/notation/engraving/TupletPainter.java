package nimblestride.core.notation.engraving;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nimblestride.core.notation.engraving.Mark.Sign;
import nimblestride.core.notation.score.PartRhythm;
import nimblestride.core.notation.score.Tuplet;
import nimblestride.core.notation.score.TupletSpan;

/** Draws the number of a tuplet, and its bracket where no beam of its own shows how far it goes. */
final class TupletPainter {
    private static final double GAP = 0.6;
    private static final double APART = 0.3;
    private static final double NOTE_SIZE = 0.7;
    private static final double BEFORE_NOTE = 0.25;

    private final MarkCollector strip;
    private final MusicFontMetrics face;
    private final TextMetrics letters;
    private final PartRhythm part;
    private final int up;
    private final double[] x;
    private final double[] reach;

    /**
     * @param up 1 where stems point up, -1 where they point down
     * @param x of every note and rest
     * @param reach how far each of them reaches on its stem's side; a tuplet adds to it
     */
    TupletPainter(
            MarkCollector strip,
            MusicFontMetrics face,
            TextMetrics letters,
            PartRhythm part,
            int up,
            double[] x,
            double[] reach) {
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
        double from = x[span.from()];
        double to = x[last] + 2 * NoteSpacing.HALF_HEAD;
        double middle = (from + to) / 2;
        Numeral number = new Numeral(span.tuplet());
        double left = Math.min(from, middle - number.width() / 2 - APART);
        double right = Math.max(to, middle + number.width() / 2 + APART);
        double y = up > 0 ? -PartPainter.NEAREST_ACCENT : PartPainter.NEAREST_ACCENT;
        for (int i = 0; i < x.length; i++) {
            if (isIn(i, span, left, right)) {
                y = up > 0 ? Math.min(y, reach[i] - GAP) : Math.max(y, reach[i] + GAP);
            }
        }
        double baseline = up > 0 ? y : y + number.height();
        number.marks(middle, baseline).forEach(strip::add);
        boolean beamed = part.beams().stream().anyMatch(beam -> beam.first() == span.from() && beam.last() == last);
        if (!beamed) {
            double line = baseline - face.box(Glyph.TUPLET_3).north() / 2;
            bracketHalf(from, middle - number.width() / 2 - APART, line);
            bracketHalf(to, middle + number.width() / 2 + APART, line);
        }
        double end = y - up * number.height();
        for (int i = 0; i < x.length; i++) {
            if (isIn(i, span, left, right)) {
                reach[i] = up > 0 ? Math.min(reach[i], end) : Math.max(reach[i], end);
            }
        }
        strip.reach(end);
    }

    /** A number wider than its notes has its neighbors' notes under it too. */
    private boolean isIn(int index, TupletSpan span, double left, double right) {
        boolean own = index >= span.from() && index < span.to();
        return own || (x[index] + 2 * NoteSpacing.HALF_HEAD > left && x[index] < right);
    }

    /** The number, with the note it counts where that is not the usual one. */
    private final class Numeral {
        private final String digits;
        private final Optional<NoteSign> note;

        Numeral(Tuplet tuplet) {
            digits = tuplet.number();
            note = tuplet.isUsual()
                    ? Optional.empty()
                    : Optional.of(new NoteSign(face, letters, tuplet.unit(), NOTE_SIZE));
        }

        private double digitsWidth() {
            return digits.chars()
                    .mapToDouble(sign -> face.width(Glyph.tupletSign((char) sign)))
                    .sum();
        }

        double width() {
            return digitsWidth() + note.map(sign -> BEFORE_NOTE + sign.width()).orElse(0.0);
        }

        double height() {
            double digit = face.box(Glyph.TUPLET_3).north();
            return note.map(sign -> Math.max(digit, sign.height())).orElse(digit);
        }

        List<Mark> marks(double middle, double baseline) {
            List<Mark> marks = new ArrayList<>();
            double at = middle - width() / 2;
            for (int i = 0; i < digits.length(); i++) {
                Glyph digit = Glyph.tupletSign(digits.charAt(i));
                marks.add(new Sign(digit, at, baseline, 1, Ink.INK));
                at += face.width(digit);
            }
            if (note.isPresent()) {
                marks.addAll(note.get().marks(at + BEFORE_NOTE, baseline));
            }
            return marks;
        }
    }

    private void bracketHalf(double outer, double inner, double y) {
        double thickness = face.lines().tupletBracket();
        strip.add(new Mark.Line(outer, y, inner, y, thickness, Ink.INK));
        strip.add(new Mark.Line(outer, y, outer, y + up * 0.6, thickness, Ink.INK));
    }
}
