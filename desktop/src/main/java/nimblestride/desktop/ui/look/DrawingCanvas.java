package nimblestride.desktop.ui.look;

import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.Region;
import javafx.scene.transform.Scale;

/**
 * A canvas that is drawn once before the next frame, however often that is asked for, and as finely as it is enlarged.
 */
public final class DrawingCanvas extends Region {
    private final Picture picture;
    private final Canvas canvas = new Canvas();
    private final Scale back = new Scale(1, 1, 0, 0);
    private final Region asking = new Asking();
    private double enlarged = 1;

    /** Draws the picture. */
    public interface Picture {
        /**
         * @param g on which nothing is drawn yet
         * @param width in pixels, before anything is enlarged
         * @param height in pixels, before anything is enlarged
         */
        void draw(GraphicsContext g, double width, double height);
    }

    public DrawingCanvas(Picture picture) {
        this.picture = picture;
        canvas.setManaged(false);
        canvas.getTransforms().setAll(back);
        getChildren().setAll(canvas, asking);
        setMinSize(0, 0);
        localToSceneTransformProperty().addListener((property, old, now) -> {
            if (now.getMxx() != enlarged) {
                enlarged = now.getMxx();
                redraw();
            }
        });
    }

    /** Asks to draw before the next frame. */
    public void redraw() {
        asking.requestLayout();
    }

    @Override
    protected void layoutChildren() {
        draw();
    }

    private void draw() {
        double width = getWidth();
        double height = getHeight();
        if (width <= 0 || height <= 0) {
            return;
        }
        canvas.setWidth(width * enlarged);
        canvas.setHeight(height * enlarged);
        back.setX(1 / enlarged);
        back.setY(1 / enlarged);
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.setTransform(enlarged, 0, 0, enlarged, 0, 0);
        g.clearRect(0, 0, width, height);
        picture.draw(g, width, height);
    }

    /** Is laid out before the next frame when that is asked for, while everything around it stays as it is. */
    private final class Asking extends Region {
        private boolean drawing;

        Asking() {
            setManaged(false);
            setMouseTransparent(true);
        }

        @Override
        public void requestLayout() {
            // What is drawn may move a scroll bar, which asks again for what is just being done.
            if (!drawing) {
                super.requestLayout();
            }
        }

        @Override
        protected void layoutChildren() {
            drawing = true;
            try {
                draw();
            } finally {
                drawing = false;
            }
        }
    }
}
