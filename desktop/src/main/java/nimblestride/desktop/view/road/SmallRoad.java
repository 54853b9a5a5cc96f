package nimblestride.desktop.view.road;

import javafx.scene.AccessibleRole;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.StackPane;
import nimblestride.core.exercise.analysis.Analysis;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.time.counting.Counting;
import nimblestride.core.time.counting.Subdivision;
import nimblestride.desktop.ui.look.DrawingCanvas;
import nimblestride.desktop.ui.look.Palette;
import nimblestride.desktop.ui.look.TextWidths;

/** Shows the beginning of an exercise as a picture, drawn as the Road itself is. */
public final class SmallRoad extends StackPane {
    private final Analysis analysis;
    private final double scale;
    private final VisibleRange range;
    private final LayerLanes lanes;
    private final double height;
    private final TextWidths widths = new TextWidths();
    private final DrawingCanvas canvas = new DrawingCanvas((g, across, down) -> draw(g));
    private Palette palette = Palette.DAY;

    /**
     * @param width in pixels
     * @param height in pixels
     * @param wholeNotes how much of the exercise is shown
     * @param scale how large it is drawn; 1 as on the Road
     */
    public SmallRoad(Exercise exercise, double width, double height, double wholeNotes, double scale) {
        this.analysis = Analysis.of(exercise);
        this.scale = scale;
        double room = width / scale - RoadLayout.GUTTER;
        this.range = new VisibleRange(0, room, room / wholeNotes);
        this.lanes = LayerLanes.of(exercise, false);
        this.height = height / scale;
        setMinSize(width, height);
        setMaxSize(width, height);
        canvas.setMinSize(0, height);
        getChildren().setAll(canvas);
        setMouseTransparent(true);
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
    }

    /** Sets the colors. */
    public void setPalette(Palette newPalette) {
        palette = newPalette;
        canvas.redraw();
    }

    Palette palette() {
        return palette;
    }

    /** Returns where a moment is, in pixels from the left. */
    double x(double moment) {
        return RoadLayout.GUTTER + range.x(moment);
    }

    /** Returns how wide a length is, in pixels. */
    double width(double wholeNotes) {
        return wholeNotes * range.scale();
    }

    RoadLayout marks() {
        return RoadLayout.of(picture(), range, lanes, height);
    }

    private RoadPicture picture() {
        return RoadPicture.of(
                analysis,
                range,
                new CountCache(Counting.DEFAULT, Subdivision.AS_WRITTEN),
                analysis.layers().size());
    }

    private void draw(GraphicsContext g) {
        g.save();
        g.scale(scale, scale);
        new RoadPainter(g, palette, picture(), range, lanes, height).paint(widths);
        g.restore();
    }
}
