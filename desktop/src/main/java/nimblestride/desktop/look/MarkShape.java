package nimblestride.desktop.look;

import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import nimblestride.core.groove.Level;
import nimblestride.core.groove.Stroke;

/** The shapes that tell layers apart without their colour. */
public enum MarkShape {
    DISC(points -> null),
    DIAMOND(r -> new double[][] {{0, r * 1.2, 0, -r * 1.2}, {-r * 1.2, 0, r * 1.2, 0}}),
    SQUARE(r -> new double[][] {{-r * .9, r * .9, r * .9, -r * .9}, {-r * .9, -r * .9, r * .9, r * .9}}),
    PEAK(r -> new double[][] {{0, r * 1.15, -r * 1.15}, {-r * 1.1, r * .9, r * .9}}),
    VALLEY(r -> new double[][] {{0, r * 1.15, -r * 1.15}, {r * 1.1, -r * .9, -r * .9}}),
    HOURGLASS(r -> new double[][] {{-r, r, -r, r}, {-r, -r, r, r}});

    private interface Outline {
        double[][] points(double radius);
    }

    @SuppressWarnings("ImmutableEnumChecker") // A function without state.
    private final Outline outline;

    MarkShape(Outline outline) {
        this.outline = outline;
    }

    public static MarkShape of(int layer) {
        return values()[layer % values().length];
    }

    /** Draws it around a place: an accent larger, a ghost note small and hollow. */
    public void draw(GraphicsContext g, double x, double y, double radius, Stroke stroke, Color color) {
        double size =
                switch (stroke.level()) {
                    case GHOST -> radius * 0.7;
                    case SOFT -> radius * 0.85;
                    case NORMAL -> radius;
                    case ACCENT -> radius * 1.35;
                    case STRONG -> radius * 1.5;
                };
        g.setFill(color);
        g.setStroke(color);
        g.setLineWidth(1.4);
        boolean hollow = stroke.level() == Level.GHOST;
        double[][] points = outline.points(size);
        if (points == null) {
            if (hollow) {
                g.strokeOval(x - size, y - size, 2 * size, 2 * size);
            } else {
                g.fillOval(x - size, y - size, 2 * size, 2 * size);
            }
            return;
        }
        for (int i = 0; i < points[0].length; i++) {
            points[0][i] += x;
            points[1][i] += y;
        }
        if (hollow) {
            g.strokePolygon(points[0], points[1], points[0].length);
        } else {
            g.fillPolygon(points[0], points[1], points[0].length);
        }
    }
}
