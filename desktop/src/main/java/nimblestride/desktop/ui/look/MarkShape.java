package nimblestride.desktop.ui.look;

import java.util.List;
import javafx.scene.canvas.GraphicsContext;

/** The shapes that tell layers apart without color. */
public enum MarkShape {
    DISC(points -> null),
    DIAMOND(r -> new double[][] {{0, r * 1.2, 0, -r * 1.2}, {-r * 1.2, 0, r * 1.2, 0}}),
    SQUARE(r -> new double[][] {{-r * .9, r * .9, r * .9, -r * .9}, {-r * .9, -r * .9, r * .9, r * .9}}),
    PEAK(r -> new double[][] {{0, r * 1.15, -r * 1.15}, {-r * 1.1, r * .9, r * .9}}),
    VALLEY(r -> new double[][] {{0, r * 1.15, -r * 1.15}, {r * 1.1, -r * .9, -r * .9}}),
    HOURGLASS(r -> new double[][] {{-r, r, -r, r}, {-r, -r, r, r}});

    private static final List<MarkShape> ALL = List.of(values());

    private interface Outline {
        double[][] points(double radius);
    }

    @SuppressWarnings("ImmutableEnumChecker") // A function without state.
    private final Outline outline;

    MarkShape(Outline outline) {
        this.outline = outline;
    }

    /**
     * Returns the shape of a layer.
     *
     * @param layer from 0
     */
    public static MarkShape of(int layer) {
        return ALL.get(layer % ALL.size());
    }

    /** Adds its outline around a place to the current path. */
    public void trace(GraphicsContext g, double x, double y, double size) {
        double[][] points = outline.points(size);
        if (points == null) {
            g.moveTo(x + size, y);
            g.arc(x, y, size, size, 0, 360);
        } else {
            g.moveTo(x + points[0][0], y + points[1][0]);
            for (int i = 1; i < points[0].length; i++) {
                g.lineTo(x + points[0][i], y + points[1][i]);
            }
        }
        g.closePath();
    }
}
