package nimblestride.core.engraving;

import java.util.List;
import nimblestride.core.groove.Level;
import nimblestride.core.score.Head;
import nimblestride.core.score.Rhythm;
import nimblestride.core.score.Written;

/**
 * How far a note or rest reaches to either side of its origin, the left edge of its noteheads.
 *
 * @param left zero or more
 * @param right zero or more
 */
record Extent(double left, double right) {
    static final double GRACE_SIZE = 0.65;
    static final double GRACE_STEP = 0.95;
    static final double GRACE_GAP = 0.45;
    static final double DOT_GAP = 0.35;
    private static final double PARENTHESIS = 0.55;
    private static final double FLAG = 1.0;

    static Extent of(Rhythm part, int index, MusicFace face) {
        Written written = part.written().get(index);
        double dots = written.shape().dots() * (DOT_GAP + face.width(Glyph.DOT));
        if (written.isRest()) {
            return part.isBarRest() ? new Extent(0, 0) : new Extent(0, face.width(Glyph.rest(written.shape())) + dots);
        }
        double width = written.heads().stream()
                .mapToDouble(head -> face.width(Glyph.head(head.voice().head(), written.shape())))
                .max()
                .orElse(0);
        boolean flagged = written.shape().flags() > 0 && part.beamOf(index).isEmpty();
        boolean ghosts = written.heads().stream().anyMatch(Extent::isGhost);
        double right = width * (hasSecond(written.heads()) ? 2 : 1)
                + Math.max(dots, flagged ? FLAG : 0)
                + (ghosts ? PARENTHESIS : 0);
        double left = (ghosts ? PARENTHESIS : 0) + graceRoom(written);
        return new Extent(left, right);
    }

    static boolean isGhost(Head head) {
        return head.stroke().level() == Level.GHOST;
    }

    /** The most grace notes before any of its heads. */
    static int graceNotes(Written written) {
        return written.tied()
                ? 0
                : written.heads().stream()
                        .mapToInt(head -> head.stroke().ornament().graceNotes())
                        .max()
                        .orElse(0);
    }

    private static double graceRoom(Written written) {
        int notes = graceNotes(written);
        return notes == 0 ? 0 : notes * GRACE_STEP + GRACE_GAP;
    }

    /** Whether two heads stand on one place or on neighbouring ones, so that one of them is moved aside. */
    private static boolean hasSecond(List<Head> heads) {
        for (int i = 1; i < heads.size(); i++) {
            if (heads.get(i).voice().staffPlace() - heads.get(i - 1).voice().staffPlace() <= 1) {
                return true;
            }
        }
        return false;
    }
}
