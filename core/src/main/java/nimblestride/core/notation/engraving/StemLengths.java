package nimblestride.core.notation.engraving;

import java.util.List;
import nimblestride.core.notation.score.BeamGroup;
import nimblestride.core.notation.score.PartRhythm;
import nimblestride.core.notation.score.WrittenHead;
import nimblestride.core.notation.score.WrittenNote;

/**
 * How far the stems of a part reach: past the middle line at least, far enough for a flag to end beside its head, and under a beam
 * all equally far, so that the beams are clear of heads, rests and grace notes (common practice in engraving).
 */
final class StemLengths {
    private static final double LENGTH = 3.4;
    /** The room on a stem for what is signed through it. */
    private static final double ORNAMENT = 1.2;

    private static final double MIN_UNDER_BEAM = 2.6;
    private static final double PER_EXTRA_BEAM = 0.6;
    private static final double CLEAR_OF_BEAMS = 0.3;
    private static final double HALF_HEAD = 0.5;
    /** Between a flag's tail and the middle of a head. */
    private static final double BELOW_FLAG = 0.6;

    private final MusicFontMetrics face;
    private final PartRhythm part;
    private final int up;
    private final RestPosition rests;

    /** @param up 1 where stems point up, -1 where they point down */
    StemLengths(MusicFontMetrics face, PartRhythm part, int up, RestPosition rests) {
        this.face = face;
        this.part = part;
        this.up = up;
        this.rests = rests;
    }

    private WrittenNote written(int index) {
        return part.written().get(index);
    }

    /** Returns the y that is farther in the stems' direction. */
    double farther(double one, double other) {
        return up > 0 ? Math.min(one, other) : Math.max(one, other);
    }

    /** Returns the y of a stem's end; for a note without a stem, the end of its heads. */
    double tip(int index) {
        if (!written(index).shape().hasStem()) {
            return outer(index) - up * HALF_HEAD;
        }
        return part.beamOf(index).map(this::tipUnder).orElseGet(() -> tipAlone(index));
    }

    /** Returns how far a note and its flag reach; a flag of many strokes reaches past the end of its stem. */
    double reach(int index) {
        double tip = tip(index);
        if (!NoteExtent.isFlagged(part, index)) {
            return tip;
        }
        MusicFontMetrics.Box flag = flag(index);
        return farther(tip, tip - (up > 0 ? flag.north() : flag.south()));
    }

    /** Returns how far a rest reaches in the stems' direction. */
    double restEnd(int index) {
        MusicFontMetrics.Box box = face.box(Glyph.rest(written(index).shape()));
        return rests.y(written(index).shape()) - (up > 0 ? box.north() : box.south());
    }

    /** Returns the middle of the free part of a stem, clear of heads, beams, and flag. */
    double middle(int index) {
        double taken = NoteExtent.isFlagged(part, index)
                ? flagLength(index)
                : part.beamOf(index).isPresent()
                        ? BeamPainter.depth(written(index).shape().flags(), face)
                        : 0;
        return (outer(index) - up * HALF_HEAD + tip(index) + up * taken) / 2;
    }

    /** Returns the distance from a note's origin to the middle of its stem. */
    double fromOrigin(int index) {
        MusicFontMetrics.StemAnchors anchors =
                anchors(index, written(index).heads().get(0));
        double half = face.lines().stem() / 2;
        return up > 0 ? anchors.upX() - half : anchors.downX() + half;
    }

    /** Returns the y at which a stem begins, at the head farthest from its end. */
    double root(int index) {
        List<WrittenHead> heads = written(index).heads();
        WrittenHead base = up > 0 ? heads.get(0) : heads.get(heads.size() - 1);
        MusicFontMetrics.StemAnchors anchors = anchors(index, base);
        return NoteheadPainter.y(base) - (up > 0 ? anchors.upY() : anchors.downY());
    }

    private MusicFontMetrics.StemAnchors anchors(int index, WrittenHead head) {
        return face.stem(Glyph.head(head.voice().head(), written(index).shape()));
    }

    /** Returns the head farthest in the stems' direction. */
    private double outer(int index) {
        List<WrittenHead> heads = written(index).heads();
        return NoteheadPainter.y(up > 0 ? heads.get(heads.size() - 1) : heads.get(0));
    }

    private double tipAlone(int index) {
        double ornament = NoteExtent.ornament(written(index), face) > 0 ? ORNAMENT : 0;
        double length = NoteExtent.isFlagged(part, index)
                ? Math.max(LENGTH, flagLength(index) + BELOW_FLAG + ornament)
                : LENGTH;
        return farther(outer(index) - up * length, 0);
    }

    private MusicFontMetrics.Box flag(int index) {
        return face.box(Glyph.flag(written(index).shape(), up > 0));
    }

    /** Returns how far a flag reaches back from the end of its stem. */
    private double flagLength(int index) {
        return up > 0 ? -flag(index).south() : flag(index).north();
    }

    private double tipUnder(BeamGroup beam) {
        int most = beam.members().stream()
                .mapToInt(member -> written(member).shape().flags())
                .max()
                .orElse(0);
        double inside = BeamPainter.depth(most, face) + CLEAR_OF_BEAMS;
        double tip = 0;
        for (int index = beam.first(); index <= beam.last(); index++) {
            if (written(index).isRest()) {
                tip = farther(tip, restEnd(index) - up * inside);
            } else {
                tip = farther(tip, outer(index) - up * (MIN_UNDER_BEAM + most * PER_EXTRA_BEAM));
                tip = farther(tip, GraceNotes.tip(written(index), up) - up * inside);
            }
        }
        return tip;
    }
}
