package nimblestride.core.notation.engraving;

import java.util.stream.DoubleStream;
import nimblestride.core.notation.score.NoteShape;
import nimblestride.core.notation.score.PartRhythm;
import nimblestride.core.notation.score.WrittenBar;

/**
 * Where the rests of a part stand. Alone on a staff they stand in the middle of the staff; of two parts, the upper one's stand higher and the
 * lower one's lower, so far that they reach neither each other nor the other part's notes (common practice in engraving).
 */
final class RestPosition {
    private static final double UPPER = -1;
    private static final double LOWER = 2;
    /** Where the rests of the upper part end and those of the lower one begin, down from the middle line. */
    private static final double BETWEEN_PARTS = 0.5;

    private static final double HALF_HEAD = 0.5;

    private final MusicFontMetrics face;
    private final boolean alone;
    private final boolean upper;
    /** As far as rests may reach towards the other part. */
    private final double limit;

    private RestPosition(MusicFontMetrics face, boolean alone, boolean upper, double limit) {
        this.face = face;
        this.alone = alone;
        this.upper = upper;
        this.limit = limit;
    }

    static RestPosition of(WrittenBar bar, int part, MusicFontMetrics face) {
        if (bar.feet().isEmpty() || bar.riffOf(part).isPresent()) {
            return new RestPosition(face, true, true, 0);
        }
        boolean upper = part == 0;
        DoubleStream others = heads(bar.parts().get(upper ? 1 : 0));
        double limit = upper
                ? others.map(y -> y - HALF_HEAD).reduce(BETWEEN_PARTS, Math::min)
                : others.map(y -> y + HALF_HEAD).reduce(BETWEEN_PARTS, Math::max);
        return new RestPosition(face, false, upper, limit);
    }

    private static DoubleStream heads(PartRhythm part) {
        return part.written().stream()
                .flatMap(written -> written.heads().stream())
                .mapToDouble(head -> -head.voice().staffPlace() / 2.0);
    }

    /** Returns the y of a rest's origin, on a staff line or a ledger position. A whole rest hangs from its line. */
    double y(NoteShape shape) {
        double hanging = shape.divisor() == 1 ? 1 : 0;
        MusicFontMetrics.Box box = face.box(Glyph.rest(shape));
        if (alone) {
            return -hanging;
        }
        return upper
                ? Math.min(UPPER - hanging, Math.floor(limit + box.south()))
                : Math.max(LOWER - hanging, Math.ceil(limit + box.north()));
    }
}
