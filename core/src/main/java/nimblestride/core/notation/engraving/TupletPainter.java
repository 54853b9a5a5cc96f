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
    private static final double HOOK = 0.6;
    private static final double NOTE_SIZE = 0.7;
    private static final double BEFORE_NOTE = 0.25;

    private final MarkCollector strip;
    private final MusicFontMetrics face;
    private final TextMetrics letters;
    private final PartRhythm part;
    private final int up;
    private final double[] x;
    private final double[] reach;
    private final List<Painted> painted = new ArrayList<>();

    /** A tuplet that is drawn: from where to where, and how far it reaches on the stems' side. */
    private record Painted(double left, double right, double end) {}

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

    /** Returns the y nearest to the staff that is clear of all notes. */
    double y(TupletSpan span) {
        Extent extent = new Extent(span);
        double y = -up * PartPainter.NEAREST_ACCENT;
        for (int i = 0; i < x.length; i++) {
            if (extent.covers(i)) {
                y = farther(y, reach[i] - up * GAP);
            }
        }
        for (Painted one : painted) {
            if (extent.left() < one.right && one.left < extent.right()) {
                y = farther(y, one.end - up * GAP);
            }
        }
        return y;
    }

    private double farther(double one, double other) {
        return up > 0 ? Math.min(one, other) : Math.max(one, other);
    }

    void paint(TupletSpan span, double y) {
        Extent extent = new Extent(span);
        Numeral number = extent.number;
        int last = span.to() - 1;
        boolean beamed = part.beams().stream().anyMatch(beam -> beam.first() == span.from() && beam.last() == last);
        double half = number.width() / 2 + APART;
        boolean tight = !beamed && extent.middle - half <= extent.from;
        double nearest = tight ? y - up * (HOOK + GAP) : y;
        double baseline = up > 0 ? nearest : nearest + number.height();
        number.marks(extent.middle, baseline).forEach(strip::add);
        if (tight) {
            // The number has no room in its bracket, so it stands over it.
            bracketHalf(extent.from, extent.to, y - up * HOOK);
            bracketHalf(extent.to, extent.from, y - up * HOOK);
        } else if (!beamed) {
            double line = baseline - face.box(Glyph.TUPLET_3).north() / 2;
            bracketHalf(extent.from, extent.middle - half, line);
            bracketHalf(extent.to, extent.middle + half, line);
        }
        double end = nearest - up * number.height();
        for (int i = 0; i < x.length; i++) {
            if (extent.covers(i)) {
                reach[i] = farther(reach[i], end);
            }
        }
        painted.add(new Painted(extent.left(), extent.right(), end));
        strip.reach(end);
    }

    /** How far a tuplet reaches from left to right. */
    private final class Extent {
        private final TupletSpan span;
        private final Numeral number;
        private final double from;
        private final double to;
        private final double middle;

        Extent(TupletSpan span) {
            this.span = span;
            number = new Numeral(span.tuplet());
            from = x[span.from()];
            to = x[span.to() - 1] + 2 * NoteSpacing.HALF_HEAD;
            middle = (from + to) / 2;
        }

        double left() {
            return Math.min(from, middle - number.width() / 2 - APART);
        }

        double right() {
            return Math.max(to, middle + number.width() / 2 + APART);
        }

        /** A number wider than its notes has its neighbors' notes under it too. */
        boolean covers(int index) {
            boolean own = index >= span.from() && index < span.to();
            return own || (x[index] + 2 * NoteSpacing.HALF_HEAD > left() && x[index] < right());
        }
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
        strip.add(new Mark.Line(outer, y, outer, y + up * HOOK, thickness, Ink.INK));
    }
}
