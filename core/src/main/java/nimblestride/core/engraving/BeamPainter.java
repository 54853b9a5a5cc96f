package nimblestride.core.engraving;

import java.util.function.IntToDoubleFunction;
import nimblestride.core.engraving.Mark.Polygon;
import nimblestride.core.score.BeamGroup;
import nimblestride.core.score.Rhythm;

/** Draws the beams of a group, level by level, with hooks where a note has a beam to itself. */
final class BeamPainter {
    private static final double HOOK = 1.1;

    private final Strip strip;
    private final MusicFace face;
    private final Rhythm part;
    private final int up;
    private final IntToDoubleFunction stemX;

    /**
     * @param up 1 where stems point up, -1 where they point down
     * @param stemX of every note under a beam
     */
    BeamPainter(Strip strip, MusicFace face, Rhythm part, int up, IntToDoubleFunction stemX) {
        this.strip = strip;
        this.face = face;
        this.part = part;
        this.up = up;
        this.stemX = stemX;
    }

    /** @param tip how far its stems reach */
    void paint(BeamGroup beam, double tip) {
        double step = face.lines().beam() + face.lines().beamSpacing();
        int levels = beam.members().stream()
                .mapToInt(member -> part.written().get(member).shape().flags())
                .max()
                .orElse(0);
        for (int level = 1; level <= levels; level++) {
            double y = tip + up * (level - 1) * step;
            int i = 0;
            while (i < beam.members().size()) {
                int end = i;
                while (end < beam.joins().size() && beam.joins().get(end) >= level) {
                    end++;
                }
                if (end > i) {
                    bar(
                            stemX.applyAsDouble(beam.members().get(i)),
                            stemX.applyAsDouble(beam.members().get(end)),
                            y);
                } else if (hasHook(beam.members().get(i), level)) {
                    double at = stemX.applyAsDouble(beam.members().get(i));
                    bar(at, at + (hookRight(beam, i) ? HOOK : -HOOK), y);
                }
                i = end + 1;
            }
        }
    }

    private boolean hasHook(int index, int level) {
        return !part.written().get(index).isRest()
                && part.written().get(index).shape().flags() >= level;
    }

    /** A hook points to the note it shares a beat with: the first of a group to the right, others to the left. */
    private static boolean hookRight(BeamGroup beam, int member) {
        return member == 0
                || (member < beam.joins().size()
                        && beam.joins().get(member) > beam.joins().get(member - 1));
    }

    private void bar(double from, double to, double y) {
        double half = face.lines().stem() / 2;
        double left = Math.min(from, to) - half;
        double right = Math.max(from, to) + half;
        double top = up > 0 ? y : y - face.lines().beam();
        strip.add(Polygon.box(left, top, right - left, face.lines().beam(), Ink.INK));
    }
}
