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
    private static final double SHORTEST_STEM = 2.6;
    private static final double PER_EXTRA_FLAG = 0.75;
    private static final double ACCENT_GAP = 0.35;
    /** What is signed about a note stands outside the staff. */
    static final double NEAREST_ACCENT = 2.5;

    private final Strip strip;
    private final MusicFace face;
    private final Lettering letters;
    private final Rhythm part;
    /** 1 where stems point up, -1 where they point down. */
    private final int up;

    private final double restPlace;
    private final double[] x;
    private final double[] tips;
    /** How far each note reaches on its stem's side, tuplets and accents included. */
    private final double[] reach;

    /**
     * @param x of every note and rest; not a number for what stands on another line
     * @param restPlace where rests stand, in places above the middle line
     */
    PartPainter(
            Strip strip,
            MusicFace face,
            Lettering letters,
            Rhythm part,
            boolean stemsUp,
            double restPlace,
            double[] x) {
        this.strip = strip;
        this.face = face;
        this.letters = letters;
        this.part = part;
        this.up = stemsUp ? 1 : -1;
        this.restPlace = restPlace;
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

    private static double y(Head head) {
        return -head.voice().staffPlace() / 2.0;
    }

    private void paint(int index) {
        Written written = written(index);
        if (written.isRest()) {
            rest(index);
            return;
        }
        heads(index);
        Optional<BeamGroup> beam = part.beamOf(index);
        tips[index] = beam.isPresent()
                ? tipUnder(beam.get())
                : tip(index, written.shape().flags());
        reach[index] = tips[index];
        if (written.shape().hasStem()) {
            stem(index);
            if (beam.isEmpty() && written.shape().flags() > 0) {
                double left = stemX(index) - face.lines().stem() / 2;
                strip.add(new Sign(Glyph.flag(written.shape(), up > 0), left, tips[index], 1, Ink.INK));
            }
        } else {
            tips[index] = outer(index) - up * 0.5;
            reach[index] = tips[index];
        }
        strip.reach(tips[index]);
        new GraceNotes(strip, face, written, x[index], up).paint();
    }

    private void rest(int index) {
        Written written = written(index);
        double y = -restPlace / 2 - (written.shape().divisor() == 1 ? 1 : 0);
        tips[index] = y - up * 1.2;
        reach[index] = tips[index];
        if (part.isBarRest()) {
            return;
        }
        Glyph glyph = Glyph.rest(written.shape());
        strip.add(new Sign(glyph, x[index], y, 1, Ink.INK));
        strip.reach(y - face.box(glyph).north());
        strip.reach(y - face.box(glyph).south());
        dots(x[index] + face.width(glyph), y - 0.5, written.shape());
    }

    private void dots(double from, double y, NoteShape shape) {
        if (shape.dots() > 0) {
            strip.add(new Sign(Glyph.DOT, from + Extent.DOT_GAP, y, 1, Ink.INK));
        }
    }

    private void heads(int index) {
        Written written = written(index);
        List<Head> heads = written.heads();
        double width = 0;
        for (Head head : heads) {
            width = Math.max(width, face.width(glyph(head, written.shape())));
        }
        boolean aside = false;
        for (int i = 0; i < heads.size(); i++) {
            Head head = heads.get(i);
            boolean second = i > 0
                    && head.voice().staffPlace() - heads.get(i - 1).voice().staffPlace() <= 1;
            aside = second && !aside;
            Glyph glyph = glyph(head, written.shape());
            double headX = x[index] + (aside ? width - face.lines().stem() : 0);
            double y = y(head);
            strip.add(new Sign(glyph, headX, y, 1, Ink.INK));
            strip.reach(y - face.box(glyph).north());
            strip.reach(y - face.box(glyph).south());
            legerLines(headX, face.width(glyph), head.voice().staffPlace());
            boolean onLine = head.voice().staffPlace() % 2 == 0;
            dots(x[index] + width * (aside ? 2 : 1), y - (onLine ? 0.5 : 0), written.shape());
            if (Extent.isGhost(head)) {
                double gap = 0.1;
                strip.add(new Sign(
                        Glyph.PARENTHESIS_LEFT, headX - gap - face.width(Glyph.PARENTHESIS_LEFT), y, 1, Ink.INK));
                strip.add(new Sign(Glyph.PARENTHESIS_RIGHT, headX + face.width(glyph) + gap, y, 1, Ink.INK));
            }
        }
    }

    private static Glyph glyph(Head head, NoteShape shape) {
        return Glyph.head(head.voice().head(), shape);
    }

    private void legerLines(double headX, double width, int place) {
        double out = face.lines().legerLineExtension();
        for (int line = 6; line <= Math.abs(place); line += 2) {
            double y = -Integer.signum(place) * line / 2.0;
            strip.add(new Mark.Line(
                    headX - out, y, headX + width + out, y, face.lines().legerLine(), Ink.INK));
        }
    }

    /** The head farthest on the stem's side. */
    private double outer(int index) {
        List<Head> heads = written(index).heads();
        return y(up > 0 ? heads.get(heads.size() - 1) : heads.get(0));
    }

    private double tip(int index, int flags) {
        double length = STEM + Math.max(0, flags - 2) * PER_EXTRA_FLAG;
        double tip = outer(index) - up * length;
        // A stem reaches the middle line at least.
        return up > 0 ? Math.min(tip, 0) : Math.max(tip, 0);
    }

    private double tipUnder(BeamGroup beam) {
        double tip = 0;
        int most = 0;
        for (int member : beam.members()) {
            most = Math.max(most, written(member).shape().flags());
        }
        double length = SHORTEST_STEM + most * PER_EXTRA_FLAG * 0.8;
        for (int member : beam.members()) {
            if (!written(member).isRest()) {
                double own = outer(member) - up * length;
                tip = up > 0 ? Math.min(tip, own) : Math.max(tip, own);
            }
        }
        return tip;
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
        double from = y(base) - (up > 0 ? anchors.upY() : anchors.downY());
        double stemX = stemX(index);
        strip.add(new Mark.Line(stemX, from, stemX, tips[index], face.lines().stem(), Ink.INK));
        double middle = (outer(index) + tips[index]) / 2 - up * 0.1;
        heads.stream().map(head -> head.stroke().ornament()).distinct().forEach(ornament -> {
            switch (ornament) {
                case DOUBLED -> strip.add(new Sign(Glyph.TREMOLO, stemX, middle, 1, Ink.INK));
                case BUZZ -> strip.add(new Sign(Glyph.BUZZ_ROLL, stemX, middle, 1, Ink.INK));
                case NONE, FLAM, DRAG, RUFF -> {}
            }
        });
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
        double y = up > 0
                ? Math.min(reach[index] - ACCENT_GAP, -NEAREST_ACCENT)
                : Math.max(reach[index] + ACCENT_GAP, NEAREST_ACCENT);
        double middle = x[index] + Columns.HALF_HEAD;
        strip.add(new Sign(glyph, middle - face.width(glyph) / 2, y, 1, Ink.INK));
        reach[index] = y - up * (face.box(glyph).north() - face.box(glyph).south());
        strip.reach(reach[index]);
    }

    private double stemXOrHead(int index) {
        return written(index).isRest() ? x[index] + Columns.HALF_HEAD : stemX(index);
    }
}
