package nimblestride.desktop.shell;

import javafx.application.Platform;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.SimpleIntegerProperty;
import javafx.geometry.Bounds;
import javafx.geometry.Orientation;
import javafx.scene.Node;
import javafx.scene.control.ScrollBar;
import javafx.scene.input.ScrollEvent;
import javafx.scene.layout.Region;
import javafx.scene.shape.Rectangle;
import javafx.scene.transform.Scale;
import nimblestride.desktop.ui.look.DisplaySizes;

/**
 * Scales everything in a window (text, music, and controls) at full sharpness. Content that does not fit scrolls by
 * the scroll bars, the wheel, and automatically to the focus.
 */
final class ScaledRoot extends Region {
    /** The minimum width of the content before scaling, in pixels; wider content sets its own. */
    private static final double MIN_WIDTH = 840;

    private static final double MIN_HEIGHT = 640;
    private static final double BAR = 14;

    private final Region content;
    private final IntegerProperty percent = new SimpleIntegerProperty(DisplaySizes.DEFAULT);
    private final Scale scale = new Scale(1, 1, 0, 0);
    private final ScrollBar across = new ScrollBar();
    private final ScrollBar down = new ScrollBar();

    ScaledRoot(Region content) {
        this.content = content;
        content.getTransforms().setAll(scale);
        down.setOrientation(Orientation.VERTICAL);
        for (ScrollBar bar : new ScrollBar[] {across, down}) {
            bar.setManaged(false);
            bar.setUnitIncrement(40);
            bar.valueProperty().addListener(change -> requestLayout());
        }
        getStyleClass().add("everything");
        getChildren().setAll(content);
        Rectangle clip = new Rectangle();
        clip.widthProperty().bind(widthProperty());
        clip.heightProperty().bind(heightProperty());
        setClip(clip);
        percent.addListener(change -> {
            requestLayout();
            if (getScene() != null) {
                Platform.runLater(() -> bringIntoSight(getScene().getFocusOwner()));
            }
        });
        setOnScroll(this::scroll);
        sceneProperty().addListener((property, old, scene) -> {
            if (scene != null) {
                scene.focusOwnerProperty()
                        .addListener((focus, before, now) -> Platform.runLater(() -> bringIntoSight(now)));
            }
        });
    }

    /** The scale, in percent. */
    IntegerProperty percentProperty() {
        return percent;
    }

    @Override
    protected void layoutChildren() {
        double factor = percent.get() / 100.0;
        scale.setX(factor);
        scale.setY(factor);
        double least = Math.max(MIN_WIDTH, content.minWidth(-1));
        boolean tooWide = least * factor > getWidth();
        boolean tooHigh = MIN_HEIGHT * factor > getHeight() - (tooWide ? BAR : 0);
        tooWide = tooWide || least * factor > getWidth() - (tooHigh ? BAR : 0);
        double seenAcross = getWidth() - (tooHigh ? BAR : 0);
        double seenDown = getHeight() - (tooWide ? BAR : 0);
        double width = Math.max(least, seenAcross / factor);
        double height = Math.max(MIN_HEIGHT, seenDown / factor);
        fit(across, tooWide, seenAcross, width * factor);
        fit(down, tooHigh, seenDown, height * factor);
        across.resizeRelocate(0, getHeight() - BAR, seenAcross, BAR);
        down.resizeRelocate(getWidth() - BAR, 0, BAR, seenDown);
        content.resizeRelocate(-Math.rint(across.getValue()), -Math.rint(down.getValue()), width, height);
    }

    private void fit(ScrollBar bar, boolean needed, double seen, double all) {
        double most = needed ? all - seen : 0;
        show(bar, needed);
        bar.setMax(most);
        bar.setVisibleAmount(needed ? most * seen / all : 0);
        bar.setBlockIncrement(seen * 0.9);
        scrollTo(bar, bar.getValue());
    }

    /** Creates a scroll bar only when it is needed, so that it costs the start nothing. */
    private void show(ScrollBar bar, boolean needed) {
        if (needed && bar.getParent() == null) {
            getChildren().add(bar);
        } else if (!needed) {
            getChildren().remove(bar);
        }
    }

    private static void scrollTo(ScrollBar bar, double value) {
        bar.setValue(Math.max(0, Math.min(bar.getMax(), value)));
    }

    private void scroll(ScrollEvent event) {
        scrollTo(across, across.getValue() - event.getDeltaX());
        scrollTo(down, down.getValue() - event.getDeltaY());
    }

    private void bringIntoSight(Node focused) {
        if (focused == null || focused.getScene() == null || focused.getScene() != getScene()) {
            return;
        }
        layout();
        Bounds place = sceneToLocal(focused.localToScene(focused.getBoundsInLocal()));
        scrollTo(across, across.getValue() + shift(place.getMinX(), place.getMaxX(), getWidth() - BAR));
        scrollTo(down, down.getValue() + shift(place.getMinY(), place.getMaxY(), getHeight() - BAR));
    }

    /** Returns how far to scroll to show a range, its start first. */
    private static double shift(double from, double to, double seen) {
        return from < 0 ? from : to > seen ? Math.min(from, to - seen) : 0;
    }
}
