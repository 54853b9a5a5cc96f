package nimblestride.core.notation.engraving;

import java.util.List;
import nimblestride.core.notation.engraving.Mark.Polygon;
import nimblestride.core.notation.engraving.Mark.Sign;
import nimblestride.core.notation.score.NoteShape;
import nimblestride.core.notation.score.WrittenHead;
import nimblestride.core.notation.score.WrittenNote;

/**
 * Draws the small notes before a note: one with a slash for a flam, two for a drag, three for a ruff (common
 * practice).
 */
final class GraceNotes {
    private static final double SIZE = NoteExtent.GRACE_SIZE;
    private static final double STEM = 2.4;

    private final MarkCollector strip;
    private final MusicFontMetrics face;
    private final WrittenNote written;
    private final double x;
    private final int up;

    GraceNotes(MarkCollector strip, MusicFontMetrics face, WrittenNote written, double x, int up) {
        this.strip = strip;
        this.face = face;
        this.written = written;
        this.x = x;
        this.up = up;
    }

    /** Returns how far the grace notes of a note reach on the stems' side; its own head where it has none. */
    static double tip(WrittenNote written, int up) {
        return written.heads().stream()
                .mapToDouble(head -> NoteheadPainter.y(head)
                        - (head.stroke().ornament().graceNotes() > 0 && !written.tied() ? up * STEM : 0))
                .reduce((one, other) -> up > 0 ? Math.min(one, other) : Math.max(one, other))
                .orElse(0);
    }

    void paint() {
        if (written.tied()) {
            return;
        }
        for (WrittenHead head : written.heads()) {
            int notes = head.stroke().ornament().graceNotes();
            if (notes > 0) {
                paint(head, notes);
            }
        }
    }

    /** Grace notes have their stems up, those of the feet down, as their part has. */
    private void paint(WrittenHead head, int notes) {
        double y = NoteheadPainter.y(head);
        Glyph glyph = Glyph.head(head.voice().head(), NoteShape.QUARTER);
        MusicFontMetrics.StemAnchors anchors = face.stem(glyph);
        double stemOffset = (up > 0 ? anchors.upX() : anchors.downX()) * SIZE;
        double tip = y - up * STEM;
        double first = x - NoteExtent.leger(written, face) - NoteExtent.graceRoom(notes);
        double thickness = face.lines().stem() * SIZE;
        for (int i = 0; i < notes; i++) {
            double at = first + i * NoteExtent.GRACE_STEP;
            strip.add(new Sign(glyph, at, y, SIZE, Ink.INK));
            double stemX = at + stemOffset - up * thickness / 2;
            strip.add(new Mark.Line(stemX, y - up * 0.1, stemX, tip, thickness, Ink.INK));
        }
        double firstStem = first + stemOffset - up * thickness / 2;
        if (notes == 1) {
            strip.add(new Sign(
                    up > 0 ? Glyph.FLAG_8_UP : Glyph.FLAG_8_DOWN, firstStem - thickness / 2, tip, SIZE, Ink.INK));
            double middle = tip + up * STEM * 0.35;
            strip.add(new Mark.Line(
                    firstStem - 0.5, middle + up * 0.45, firstStem + 0.75, middle - up * 0.35, 0.1, Ink.INK));
        } else {
            double lastStem = firstStem + (notes - 1) * NoteExtent.GRACE_STEP;
            double beam = face.lines().beam() * SIZE;
            for (int level = 0; level < 2; level++) {
                double top = tip + up * level * (beam + 0.18) - (up > 0 ? 0 : beam);
                strip.add(new Polygon(
                        List.of(firstStem, top, lastStem, top, lastStem, top + beam, firstStem, top + beam), Ink.INK));
            }
        }
        strip.reach(tip);
    }
}
