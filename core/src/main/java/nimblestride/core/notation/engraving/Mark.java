package nimblestride.core.notation.engraving;

import java.util.List;

/**
 * A drawing instruction. Lengths are in staff spaces, the distance of two staff lines; x grows to the right and y
 * downward.
 */
public sealed interface Mark {
    Ink ink();

    /** Returns the mark, moved. */
    Mark movedBy(double dx, double dy);

    /** Returns the mark, scaled from the origin. */
    Mark scaledBy(double factor);

    /**
     * A music sign at its origin.
     *
     * @param size 1 for the size of the staff
     */
    record Sign(Glyph glyph, double x, double y, double size, Ink ink) implements Mark {
        @Override
        public Mark movedBy(double dx, double dy) {
            return new Sign(glyph, x + dx, y + dy, size, ink);
        }

        @Override
        public Mark scaledBy(double factor) {
            return new Sign(glyph, x * factor, y * factor, size * factor, ink);
        }
    }

    /** A straight line with square ends. */
    record Line(double x1, double y1, double x2, double y2, double thickness, Ink ink) implements Mark {
        @Override
        public Mark movedBy(double dx, double dy) {
            return new Line(x1 + dx, y1 + dy, x2 + dx, y2 + dy, thickness, ink);
        }

        @Override
        public Mark scaledBy(double factor) {
            return new Line(x1 * factor, y1 * factor, x2 * factor, y2 * factor, thickness * factor, ink);
        }
    }

    /** A filled polygon: its corners' x and y by turns. */
    record Polygon(List<Double> corners, Ink ink) implements Mark {
        public Polygon {
            corners = List.copyOf(corners);
        }

        static Polygon box(double x, double y, double width, double height, Ink ink) {
            return new Polygon(List.of(x, y, x + width, y, x + width, y + height, x, y + height), ink);
        }

        @Override
        public Mark movedBy(double dx, double dy) {
            return new Polygon(moved(corners, dx, dy), ink);
        }

        @Override
        public Mark scaledBy(double factor) {
            return new Polygon(corners.stream().map(c -> c * factor).toList(), ink);
        }
    }

    /**
     * A cubic curve with even thickness.
     *
     * @param points x and y by turns of the start, both control points, and the end
     */
    record Curve(List<Double> points, double thickness, Ink ink) implements Mark {
        public Curve {
            points = List.copyOf(points);
        }

        @Override
        public Mark movedBy(double dx, double dy) {
            return new Curve(moved(points, dx, dy), thickness, ink);
        }

        @Override
        public Mark scaledBy(double factor) {
            return new Curve(points.stream().map(p -> p * factor).toList(), thickness * factor, ink);
        }
    }

    /**
     * Words on a baseline.
     *
     * @param x of their start, middle, or end
     * @param size of the letters, in staff spaces per em
     */
    record Words(String text, double x, double y, double size, Weight weight, Align align, Ink ink) implements Mark {
        @Override
        public Mark movedBy(double dx, double dy) {
            return new Words(text, x + dx, y + dy, size, weight, align, ink);
        }

        @Override
        public Mark scaledBy(double factor) {
            return new Words(text, x * factor, y * factor, size * factor, weight, align, ink);
        }
    }

    private static List<Double> moved(List<Double> points, double dx, double dy) {
        Double[] moved = new Double[points.size()];
        for (int i = 0; i < moved.length; i++) {
            moved[i] = points.get(i) + (i % 2 == 0 ? dx : dy);
        }
        return List.of(moved);
    }

    /** The weights of the text font. */
    enum Weight {
        REGULAR,
        BOLD,
        ITALIC
    }

    /** Which point of the words is at their x. */
    enum Align {
        START,
        MIDDLE,
        END
    }
}
