package nimblestride.core.notation.engraving;

import java.util.List;
import java.util.Optional;

/** The arc over a group, from its first unit to the next group's; cut off where a row ends. */
final class StrideArc {
    private static final int HALVINGS = 40;

    private StrideArc() {}

    /**
     * Returns the part of an arc from one foot to the next that lies between two edges.
     *
     * @param high distance of the curve's control points from the ground; negative for an arc above it
     * @return empty if no part lies between the edges
     */
    static Optional<List<Double>> between(
            double from, double to, double leftEdge, double rightEdge, double ground, double high) {
        if (to <= leftEdge + 1e-9 || from >= rightEdge - 1e-9) {
            return Optional.empty();
        }
        double third = (to - from) / 5;
        double[] xs = {from, from + third, to - third, to};
        double[] ys = {ground, ground + high, ground + high, ground};
        double end = to > rightEdge ? whereAt(xs, rightEdge) : 1;
        double start = from < leftEdge ? whereAt(xs, leftEdge) : 0;
        double[] x = part(xs, start, end);
        double[] y = part(ys, start, end);
        return Optional.of(List.of(x[0], y[0], x[1], y[1], x[2], y[2], x[3], y[3]));
    }

    /** Returns the curve parameter at which x is reached; x only grows along the curve. */
    private static double whereAt(double[] xs, double x) {
        double low = 0;
        double high = 1;
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (low + high) / 2;
            if (part(xs, 0, middle)[3] < x) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return low;
    }

    /** Returns a part of a cubic curve in one coordinate, by de Casteljau's algorithm. */
    private static double[] part(double[] points, double start, double end) {
        double[] untilEnd = first(points, end);
        double[] turned = {untilEnd[3], untilEnd[2], untilEnd[1], untilEnd[0]};
        double[] rest = first(turned, end == 0 ? 1 : 1 - start / end);
        return new double[] {rest[3], rest[2], rest[1], rest[0]};
    }

    private static double[] first(double[] p, double t) {
        double ab = p[0] + (p[1] - p[0]) * t;
        double bc = p[1] + (p[2] - p[1]) * t;
        double cd = p[2] + (p[3] - p[2]) * t;
        double abc = ab + (bc - ab) * t;
        double bcd = bc + (cd - bc) * t;
        return new double[] {p[0], ab, abc, abc + (bcd - abc) * t};
    }
}
