package nimblestride.core.engraving;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nimblestride.core.engraving.Mark.Sign;
import nimblestride.core.groove.Level;
import nimblestride.core.score.BeamGroup;
import nimblestride.core.score.Head;
import nimblestride.core.score.NoteShape;
import nimblestride.core.score.Rhythm;
import nimblestride.core.score.TupletSpan;
import nimblestride.core.score.Written;

/** Draws the notes and rests of one part in one bar, or in a piece of it. */
final class PartPainter {
    private static final double STEM = 3.4;
    /** The room on a stem for what is signed through it. */
    private static final double ORNAMENT = 1.2;

    private static final double SHORTEST_STEM = 2.6;
    private static final double PER_EXTRA_BEAM = 0.6;
    private static final double CLEAR_OF_BEAMS = 0.3;
    private static final double HALF_HEAD = 0.5;
    /** Between a flag's tail and the middle of a head. */
    private static final double BELOW_FLAG = 0.6;

    private static final double ACCENT_GAP = 0.35;
    /** What is signed about a note stands outside the staff. */
    static final double NEAREST_ACCENT = 2.5;

    private final Strip strip;
    private final MusicFace face;
    private final Lettering letters;
    private final Rhythm part;
    /** 1 where stems point up, -1 where they point down. */
    private final int up;

    private final RestPlace rests;
    private final double[] x;
    private final double[] tips;
    /** How far each note reaches on its stem's side, tuplets and accents included. */
    private final double[] reach;

    /**
     * @param x of every note and rest; not a number for what stands on another line
     * @param rests where rests stand
     */
    PartPainter(
            Strip strip, MusicFace face, Lettering letters, Rhythm part, boolean stemsUp, RestPlace rests, double[] x) {
        this.strip = strip;
        this.face = face;
        this.letters = letters;
        this.part = part;
        this.up = stemsUp ? 1 : -1;
        this.rests = rests;
        this.x = x.clone();
        this.tips = new double[x.length];
        this.reach = new double[x.length];
    }

    void paint() {
        for (int i = 0; i < x.length; i++) {
            if (isHere(i)) {
                paint(i);
            }
        }
        BeamPainter beams = new BeamPainter(strip, face, part, up, this::stemXOrHead);
        for (BeamGroup beam : part.beams()) {
            if (isHere(beam.first()) && isHere(beam.last())) {
                beams.paint(beam, tips[beam.first()]);
            }
        }
        for (int i = 0; i < x.length; i++) {
            if (isHere(i)) {
                accents(i);
            }
        }
        TupletPainter tuplets = new TupletPainter(strip, face, letters, part, up, x, reach);
        List<TupletSpan> innerFirst = new ArrayList<>(part.tuplets());
        innerFirst.sort((one, other) -> Integer.compare(other.depth(), one.depth()));
        innerFirst.stream()
                .filter(span -> isHere(span.from()) && isHere(span.to() - 1))
                .forEach(tuplets::paint);
    }

    private boolean isHere(int index) {
        return !Double.isNaN(x[index]);
    }

    private Written written(int index) {
        return part.written().get(index);
    }

    private void paint(int index) {
        Written written = written(index);
        if (written.isRest()) {
            rest(index);
            return;
        }
        new HeadPainter(strip, face, written, extent(index), x[index]).paint();
        Optional<BeamGroup> beam = part.beamOf(index);
        tips[index] = beam.isPresent() ? tipUnder(beam.get()) : tip(index);
        reach[index] = tips[index];
        if (written.shape().hasStem()) {
            stem(index);
            if (Extent.isFlagged(part, index)) {
                flag(index);
            }
        } else {
            tips[index] = outer(index) - up * 0.5;
            reach[index] = tips[index];
        }
        strip.reach(reach[index]);
        new GraceNotes(strip, face, written, x[index], up).paint();
    }

    /** A flag of many strokes reaches beyond the end of its stem. */
    private void flag(int index) {
        Glyph flag = Glyph.flag(written(index).shape(), up > 0);
        double left = stemX(index) - face.lines().stem() / 2;
        strip.add(new Sign(flag, left, tips[index], 1, Ink.INK));
        reach[index] = tips[index]
                - (up > 0
                        ? Math.max(0, face.box(flag).north())
                        : Math.min(0, face.box(flag).south()));
    }

    private void rest(int index) {
        Written written = written(index);
        double y = rests.y(written.shape());
        tips[index] = farther(y - up * 1.2, restEnd(index));
        reach[index] = tips[index];
        if (part.isBarRest()) {
            return;
        }
        Glyph glyph = Glyph.rest(written.shape());
        strip.add(new Sign(glyph, x[index], y, 1, Ink.INK));
        strip.reach(y - face.box(glyph).north());
        strip.reach(y - face.box(glyph).south());
        if (written.shape().dots() > 0) {
            strip.add(new Sign(Glyph.DOT, x[index] + extent(index).dot(), y - 0.5, 1, Ink.INK));
        }
    }

    private Extent extent(int index) {
        return Extent.of(part, index, up > 0, face);
    }

    private static Glyph glyph(Head head, NoteShape shape) {
        return Glyph.head(head.voice().head(), shape);
    }

    /** The head farthest on the stem's side. */
    private double outer(int index) {
        List<Head> heads = written(index).heads();
        return HeadPainter.y(up > 0 ? heads.get(heads.size() - 1) : heads.get(0));
    }

    private double tip(int index) {
        double ornament = Extent.ornament(written(index), face) > 0 ? ORNAMENT : 0;
        double length =
                Extent.isFlagged(part, index) ? Math.max(STEM, flagLength(index) + BELOW_FLAG + ornament) : STEM;
        double tip = outer(index) - up * length;
        // A stem reaches the middle line at least.
        return farther(tip, 0);
    }

    /** How far a flag hangs down from the end of its stem, or stands up from it. */
    private double flagLength(int index) {
        MusicFace.Box flag = face.box(Glyph.flag(written(index).shape(), up > 0));
        return up > 0 ? -flag.south() : flag.north();
    }

    /** So far out that the beams are clear of heads and rests. */
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
                tip = farther(tip, outer(index) - up * (SHORTEST_STEM + most * PER_EXTRA_BEAM));
                tip = farther(tip, GraceNotes.tip(written(index), up) - up * inside);
            }
        }
        return tip;
    }

    /** The one of two that is farther on the stems' side. */
    private double farther(double one, double other) {
        return up > 0 ? Math.min(one, other) : Math.max(one, other);
    }

    /** How far a rest reaches on the stems' side. */
    private double restEnd(int index) {
        MusicFace.Box box = face.box(Glyph.rest(written(index).shape()));
        return rests.y(written(index).shape()) - (up > 0 ? box.north() : box.south());
    }

    /** How much of a stem beams or a flag take, from its end. */
    private double takenOfStem(int index) {
        if (Extent.isFlagged(part, index)) {
            return flagLength(index);
        }
        return part.beamOf(index).isPresent()
                ? BeamPainter.depth(written(index).shape().flags(), face)
                : 0;
    }

    private double stemX(int index) {
        Head base = written(index).heads().get(0);
        MusicFace.StemAnchors anchors = face.stem(glyph(base, written(index).shape()));
        double half = face.lines().stem() / 2;
        return x[index] + (up > 0 ? anchors.upX() - half : anchors.downX() + half);
    }

    private void stem(int index) {
        Written written = written(index);
        List<Head> heads = written.heads();
        Head base = up > 0 ? heads.get(0) : heads.get(heads.size() - 1);
        MusicFace.StemAnchors anchors = face.stem(glyph(base, written.shape()));
        double from = HeadPainter.y(base) - (up > 0 ? anchors.upY() : anchors.downY());
        double stemX = stemX(index);
        strip.add(new Mark.Line(stemX, from, stemX, tips[index], face.lines().stem(), Ink.INK));
        double middle = (outer(index) - up * HALF_HEAD + tips[index] + up * takenOfStem(index)) / 2;
        heads.stream()
                .flatMap(head -> Glyph.throughStem(head.stroke().ornament()).stream())
                .distinct()
                .forEach(sign -> strip.add(new Sign(sign, stemX, middle, 1, Ink.INK)));
    }

    private void accents(int index) {
        Written written = written(index);
        if (written.isRest() || written.tied()) {
            return;
        }
        boolean strong = written.heads().stream().anyMatch(head -> head.stroke().level() == Level.STRONG);
        boolean accented =
                written.heads().stream().anyMatch(head -> head.stroke().level() == Level.ACCENT);
        if (!strong && !accented) {
            return;
        }
        Glyph glyph = strong
                ? (up > 0 ? Glyph.MARCATO_ABOVE : Glyph.MARCATO_BELOW)
                : (up > 0 ? Glyph.ACCENT_ABOVE : Glyph.ACCENT_BELOW);
        double y = farther(reach[index] - up * ACCENT_GAP, -up * NEAREST_ACCENT);
        double middle = x[index] + Columns.HALF_HEAD;
        strip.add(new Sign(glyph, middle - face.width(glyph) / 2, y, 1, Ink.INK));
        reach[index] = y - up * (face.box(glyph).north() - face.box(glyph).south());
        strip.reach(reach[index]);
    }

    private double stemXOrHead(int index) {
        return written(index).isRest() ? x[index] + Columns.HALF_HEAD : stemX(index);
    }
}
