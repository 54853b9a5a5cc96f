package nimblestride.desktop.staff;

import javafx.scene.AccessibleRole;
import javafx.scene.canvas.Canvas;
import nimblestride.core.engraving.Drawing;
import nimblestride.desktop.look.Palette;

/** A drawing at its own size. */
public final class DrawingPicture extends Canvas {
    private static final double LARGEST = 4_000;

    /** @param space a staff space in pixels */
    public DrawingPicture(Drawing drawing, double space, Palette palette) {
        super(Math.min(LARGEST, drawing.width() * space), Math.min(LARGEST, drawing.height() * space));
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        new CanvasPainter(getGraphicsContext2D(), palette, space).paint(drawing, 0, 0);
    }
}
