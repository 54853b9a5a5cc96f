package nimblestride.core.notation.engraving;

import java.util.function.IntToDoubleFunction;
import nimblestride.core.notation.engraving.Mark.Polygon;
import nimblestride.core.notation.score.BeamGroup;
import nimblestride.core.notation.score.PartRhythm;

/** Draws the beams of a group, level by level, with hooks where a note has a beam to itself. */
final class BeamPainter {
    private static final double HOOK = 1.1;
    private static final double MAX_OF_A_GAP = 0.42;

    private final MarkCollector strip;
    private final MusicFontMetrics face;
    private final PartRhythm part;
    private final int up;
    private final IntToDoubleFunction stemX;

    /**
     * @param up 1 where stems point up, -1 where they point down
     * @param stemX of every note under a beam
     */
    BeamPainter(MarkCollector strip, MusicFontMetrics face, PartRhythm part, int up, IntToDoubleFunction stemX) {
        this.strip = strip;
        this.face = face;
        this.part = part;
        this.up = up;
        this.stemX = stemX;
    }

    private static double step(MusicFontMetrics face) {
        return face.lines().beam() + face.lines().beamSpacing();
    }

    /** Returns how far some beams, one or more, reach from the end of a stem toward the heads. */
    static double depth(int beams, MusicFontMetrics face) {
        return (beams - 1) * step(face) + face.lines().beam();
    }

    /**
     * Paints a beam.
     *
     * @param tip how far its stems reach
     */
    void paint(BeamGroup beam, double tip) {
        double step = step(face);
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
                    hook(beam, i, y);
                }
                i = end + 1;
            }
        }
    }

    /** A hook leaves room for one that meets it. */
    private void hook(BeamGroup beam, int member, double y) {
        double at = stemX.applyAsDouble(beam.members().get(member));
        int towards = member + (hookRight(beam, member) ? 1 : -1);
        double gap = towards < 0 || towards == beam.members().size()
                ? -HOOK
                : stemX.applyAsDouble(beam.members().get(towards)) - at;
        bar(at, at + Math.signum(gap) * Math.min(HOOK, Math.abs(gap) * MAX_OF_A_GAP), y);
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
