package nimblestride.desktop.view.staff;

import javafx.scene.AccessibleRole;
import javafx.scene.layout.StackPane;
import nimblestride.core.notation.engraving.Drawing;
import nimblestride.desktop.ui.look.DrawingCanvas;
import nimblestride.desktop.ui.look.Palette;

/** A drawing at its own size. */
public final class DrawingPicture extends StackPane {
    private static final double MAX_SIZE = 4_000;

    /** @param space a staff space in pixels */
    public DrawingPicture(Drawing drawing, double space, Palette palette) {
        double width = Math.min(MAX_SIZE, drawing.width() * space);
        double height = Math.min(MAX_SIZE, drawing.height() * space);
        setMinSize(width, height);
        setPrefSize(width, height);
        setMaxSize(width, height);
        getChildren().setAll(new DrawingCanvas((g, across, down) -> new CanvasPainter(g, palette, space)
                .paint(drawing, 0, 0)));
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
    }
}
