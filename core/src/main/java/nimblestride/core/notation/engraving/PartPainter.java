package nimblestride.core.notation.engraving;

import java.util.OptionalDouble;
import java.util.function.Predicate;
import java.util.stream.Stream;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.notation.engraving.Mark.Sign;
import nimblestride.core.notation.score.BeamGroup;
import nimblestride.core.notation.score.PartRhythm;
import nimblestride.core.notation.score.TupletSpan;
import nimblestride.core.notation.score.WrittenNote;

/** Draws the notes and rests of one part in one bar, or in a piece of it. */
final class PartPainter {
    private static final double ACCENT_GAP = 0.35;
    /**
     * A side of a staff.
     *
     * @param up 1 for the upper one, -1 for the lower one
     */
    record Side(MarkCollector staff, int up) {}

    /** What is signed about a note stands outside the staff. */
    static final double NEAREST_ACCENT = 2.5;

    private final MarkCollector strip;
    private final MusicFontMetrics face;
    private final PartRhythm part;
    /** 1 where stems point up, -1 where they point down. */
    private final int up;

    private final RestPosition rests;
    private final StemLengths stems;
    private final double[] x;
    /** How far each note reaches on its stem's side, tuplets and accents included. */
    private final double[] reach;

    private final TupletPainter tuplets;

    /**
     * @param x of every note and rest; not a number for what stands on another line
     * @param rests where rests stand
     */
    PartPainter(
            MarkCollector strip,
            MusicFontMetrics face,
            TextMetrics letters,
            PartRhythm part,
            boolean stemsUp,
            RestPosition rests,
            double[] x) {
        this.strip = strip;
        this.face = face;
        this.part = part;
        this.up = stemsUp ? 1 : -1;
        this.rests = rests;
        this.stems = new StemLengths(face, part, up, rests);
        this.x = x.clone();
        this.reach = new double[x.length];
        this.tuplets = new TupletPainter(strip, face, letters, part, up, this.x, reach);
    }

    /** Draws everything but the outermost tuplets. */
    void paint() {
        for (int i = 0; i < x.length; i++) {
            if (isHere(i)) {
                paint(i);
            }
        }
        BeamPainter beams = new BeamPainter(strip, face, part, up, this::stemXOrHead);
        for (BeamGroup beam : part.beams()) {
            if (isHere(beam.first()) && isHere(beam.last())) {
                beams.paint(beam, stems.tip(beam.first()));
            }
        }
        for (int i = 0; i < x.length; i++) {
            if (isHere(i)) {
                accents(i);
            }
        }
        tuplets(span -> span.depth() > 0).forEach(span -> tuplets.paint(span, tuplets.y(span)));
    }

    /** Returns how far from the staff the outermost tuplets must stand to be clear of all notes; empty for none. */
    OptionalDouble tuplets() {
        return outermost().mapToDouble(tuplets::y).reduce(stems::farther);
    }

    /** Draws the outermost tuplets, as far from the staff as all in the line. */
    void paintTuplets(double y) {
        outermost().forEach(span -> tuplets.paint(span, stems.farther(y, tuplets.y(span))));
    }

    private Stream<TupletSpan> outermost() {
        return tuplets(span -> span.depth() == 0);
    }

    /** Returns some of the tuplets that are in this line, inner ones first. */
    private Stream<TupletSpan> tuplets(Predicate<TupletSpan> which) {
        return part.tuplets().stream()
                .filter(which)
                .filter(span -> isHere(span.from()) && isHere(span.to() - 1))
                .sorted((one, other) -> Integer.compare(other.depth(), one.depth()));
    }

    /** Returns on which side of which staff its stems end. */
    Side side() {
        return new Side(strip, up);
    }

    private boolean isHere(int index) {
        return !Double.isNaN(x[index]);
    }

    private WrittenNote written(int index) {
        return part.written().get(index);
    }

    private void paint(int index) {
        WrittenNote written = written(index);
        if (written.isRest()) {
            rest(index);
            return;
        }
        new NoteheadPainter(strip, face, written, extent(index), x[index]).paint();
        if (written.shape().hasStem()) {
            stem(index);
        }
        reach[index] = stems.reach(index);
        strip.reach(reach[index]);
        new GraceNotes(strip, face, written, x[index], up).paint();
    }

    private void rest(int index) {
        WrittenNote written = written(index);
        double y = rests.y(written.shape());
        reach[index] = stems.farther(y - up * 1.2, stems.restEnd(index));
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

    private NoteExtent extent(int index) {
        return NoteExtent.of(part, index, up > 0, face);
    }

    private void stem(int index) {
        WrittenNote written = written(index);
        double stemX = stemX(index);
        double tip = stems.tip(index);
        strip.add(
                new Mark.Line(stemX, stems.root(index), stemX, tip, face.lines().stem(), Ink.INK));
        if (NoteExtent.isFlagged(part, index)) {
            double left = stemX - face.lines().stem() / 2;
            strip.add(new Sign(Glyph.flag(written.shape(), up > 0), left, tip, 1, Ink.INK));
        }
        written.heads().stream()
                .flatMap(head -> Glyph.throughStem(head.stroke().ornament()).stream())
                .distinct()
                .forEach(sign -> strip.add(new Sign(sign, stemX, stems.middle(index), 1, Ink.INK)));
    }

    private double stemX(int index) {
        return x[index] + stems.fromOrigin(index);
    }

    private void accents(int index) {
        WrittenNote written = written(index);
        if (written.isRest() || written.tied()) {
            return;
        }
        boolean strong = written.heads().stream().anyMatch(head -> head.stroke().level() == Dynamic.STRONG);
        boolean accented =
                written.heads().stream().anyMatch(head -> head.stroke().level() == Dynamic.ACCENT);
        if (!strong && !accented) {
            return;
        }
        Glyph glyph = strong
                ? (up > 0 ? Glyph.MARCATO_ABOVE : Glyph.MARCATO_BELOW)
                : (up > 0 ? Glyph.ACCENT_ABOVE : Glyph.ACCENT_BELOW);
        double y = stems.farther(reach[index] - up * ACCENT_GAP, -up * NEAREST_ACCENT);
        double middle = x[index] + NoteSpacing.HALF_HEAD;
        strip.add(new Sign(glyph, middle - face.width(glyph) / 2, y, 1, Ink.INK));
        reach[index] = y - up * (face.box(glyph).north() - face.box(glyph).south());
        strip.reach(reach[index]);
    }

    private double stemXOrHead(int index) {
        return written(index).isRest() ? x[index] + NoteSpacing.HALF_HEAD : stemX(index);
    }
}
