package nimblestride.core.notation.engraving;

import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import nimblestride.core.notation.engraving.Mark.Line;
import nimblestride.core.notation.engraving.Mark.Sign;
import nimblestride.core.notation.score.WrittenHead;
import nimblestride.core.notation.score.WrittenNote;

/** Draws the heads of a note with what stands beside them: leger lines, the parentheses of ghost notes, dots. */
final class NoteheadPainter {
    static final int FIRST_LEGER_LINE = 6;

    private final MarkCollector strip;
    private final MusicFontMetrics face;
    private final WrittenNote written;
    private final NoteExtent extent;
    private final double x;

    NoteheadPainter(MarkCollector strip, MusicFontMetrics face, WrittenNote written, NoteExtent extent, double x) {
        this.strip = strip;
        this.face = face;
        this.written = written;
        this.extent = extent;
        this.x = x;
    }

    /** Returns how far below the middle line a head stands. */
    static double y(WrittenHead head) {
        return -head.voice().staffPlace() / 2.0;
    }

    void paint() {
        List<WrittenHead> heads = written.heads();
        NoteheadColumns abreast = NoteheadColumns.of(heads);
        double step = NoteExtent.step(written, face);
        for (int i = 0; i < heads.size(); i++) {
            WrittenHead head = heads.get(i);
            Glyph glyph = Glyph.head(head.voice().head(), written.shape());
            double headX = x + abreast.fileOf(i) * step;
            double y = y(head);
            strip.add(new Sign(glyph, headX, y, 1, Ink.INK));
            strip.reach(y - face.box(glyph).north());
            strip.reach(y - face.box(glyph).south());
            legerLines(headX, face.width(glyph), head.voice().staffPlace());
            if (NoteExtent.isGhost(head)) {
                // The widest of the heads is where their stem may be.
                parentheses(x, x + extent.heads(), y);
            }
        }
        if (written.shape().dots() > 0) {
            dots().forEach(y -> strip.add(new Sign(Glyph.DOT, x + extent.dot(), y, 1, Ink.INK)));
        }
    }

    /** Dots stand in spaces: a head on a line has its dot above, or below where that is another head's. */
    private Set<Double> dots() {
        List<WrittenHead> heads = written.heads();
        Set<Double> dots = new TreeSet<>();
        for (int i = heads.size() - 1; i >= 0; i--) {
            double above = Math.ceil(y(heads.get(i))) - 0.5;
            boolean onLine = y(heads.get(i)) != above;
            dots.add(onLine && dots.contains(above) ? above + 1 : above);
        }
        return dots;
    }

    private void parentheses(double from, double to, double y) {
        double gap = NoteExtent.parenthesisGap(written, face);
        double left = from - gap - face.width(Glyph.PARENTHESIS_LEFT);
        strip.add(new Sign(Glyph.PARENTHESIS_LEFT, left, y, 1, Ink.INK));
        strip.add(new Sign(Glyph.PARENTHESIS_RIGHT, to + gap, y, 1, Ink.INK));
    }

    private void legerLines(double headX, double width, int place) {
        double out = face.lines().legerLineExtension();
        for (int line = FIRST_LEGER_LINE; line <= Math.abs(place); line += 2) {
            double y = -Integer.signum(place) * line / 2.0;
            strip.add(new Line(
                    headX - out, y, headX + width + out, y, face.lines().legerLine(), Ink.INK));
        }
    }
}
