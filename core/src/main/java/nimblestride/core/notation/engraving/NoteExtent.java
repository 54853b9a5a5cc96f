package nimblestride.core.notation.engraving;

import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.notation.score.PartRhythm;
import nimblestride.core.notation.score.WrittenHead;
import nimblestride.core.notation.score.WrittenNote;

/**
 * How far a note or rest reaches to either side of its origin, the left edge of its noteheads, and what stands where in that room.
 *
 * @param left zero or more
 * @param right zero or more
 * @param heads where its noteheads end, those side by side included
 * @param dot where its dot begins, if it has one: to the right of all heads, and of a flag that would touch it
 */
record NoteExtent(double left, double right, double heads, double dot) {
    static final double GRACE_SIZE = 0.65;
    static final double GRACE_STEP = 0.95;
    private static final double PARENTHESIS_GAP = 0.1;
    private static final double GRACE_GAP = 0.45;
    private static final double DOT_GAP = 0.35;

    /** @param up whether its stem points up, so that a flag lies to the right of the heads */
    static NoteExtent of(PartRhythm part, int index, boolean up, MusicFontMetrics face) {
        WrittenNote written = part.written().get(index);
        boolean dotted = written.shape().dots() > 0;
        if (written.isRest()) {
            double width = face.width(Glyph.rest(written.shape()));
            return part.isBarRest() ? new NoteExtent(0, 0, 0, 0) : of(0, width, width, width, dotted, face);
        }
        double widest = widest(written, face);
        double heads = widest + (NoteheadColumns.of(written.heads()).count() - 1) * step(written, face);
        double parentheses = written.heads().stream().anyMatch(NoteExtent::isGhost)
                ? parenthesisGap(written, face) + face.width(Glyph.PARENTHESIS_LEFT)
                : 0;
        double ornament = ornament(written, face);
        double leger = leger(written, face);
        double left = Math.max(Math.max(parentheses, leger) + graceRoom(written), up ? 0 : ornament);
        double right = Math.max(heads + Math.max(parentheses, leger), up ? widest + ornament : 0);
        double flag = up && isFlagged(part, index) ? widest + face.width(Glyph.flag(written.shape(), true)) : 0;
        boolean touches =
                written.heads().get(written.heads().size() - 1).voice().staffPlace() % 2 == 0;
        return of(left, Math.max(right, flag), heads, touches ? Math.max(right, flag) : right, dotted, face);
    }

    private static NoteExtent of(
            double left, double right, double heads, double beforeDot, boolean dotted, MusicFontMetrics face) {
        double dot = beforeDot + DOT_GAP;
        return new NoteExtent(left, dotted ? Math.max(right, dot + face.width(Glyph.DOT)) : right, heads, dot);
    }

    private static double widest(WrittenNote written, MusicFontMetrics face) {
        return written.heads().stream()
                .mapToDouble(head -> face.width(Glyph.head(head.voice().head(), written.shape())))
                .max()
                .orElse(0);
    }

    /** Returns how far a sign through the stem reaches to either side of it; 0 for none. */
    static double ornament(WrittenNote written, MusicFontMetrics face) {
        return written.heads().stream()
                .flatMap(head -> Glyph.throughStem(head.stroke().ornament()).stream())
                .mapToDouble(sign -> face.width(sign))
                .max()
                .orElse(0);
    }

    /** Returns the distance between two columns of heads, which share the thickness of a stem. */
    static double step(WrittenNote written, MusicFontMetrics face) {
        return widest(written, face) - face.lines().stem();
    }

    /** Returns how far parentheses stand from the heads: clear of leger lines. */
    static double parenthesisGap(WrittenNote written, MusicFontMetrics face) {
        return PARENTHESIS_GAP + leger(written, face);
    }

    /** Returns how far leger lines reach to either side of the heads; 0 where there are none. */
    static double leger(WrittenNote written, MusicFontMetrics face) {
        boolean any = written.heads().stream()
                .anyMatch(head -> Math.abs(head.voice().staffPlace()) >= NoteheadPainter.FIRST_LEGER_LINE);
        return any ? face.lines().legerLineExtension() : 0;
    }

    static boolean isFlagged(PartRhythm part, int index) {
        return part.written().get(index).shape().flags() > 0
                && part.beamOf(index).isEmpty();
    }

    static boolean isGhost(WrittenHead head) {
        return head.stroke().level() == Dynamic.GHOST;
    }

    /** Returns the largest number of grace notes before any of the heads. */
    private static int graceNotes(WrittenNote written) {
        return written.tied()
                ? 0
                : written.heads().stream()
                        .mapToInt(head -> head.stroke().ornament().graceNotes())
                        .max()
                        .orElse(0);
    }

    private static double graceRoom(WrittenNote written) {
        return graceRoom(graceNotes(written));
    }

    /** Returns the width of a number of grace notes. */
    static double graceRoom(int notes) {
        return notes == 0 ? 0 : notes * GRACE_STEP + GRACE_GAP;
    }
}
