package nimblestride.desktop.view.road;

import java.util.function.DoubleSupplier;
import javafx.geometry.Orientation;
import javafx.scene.control.ScrollBar;
import javafx.scene.input.KeyCode;

/** Knows which range of the Road is in view; scrolls by the scroll bar, the wheel, and keys, and zooms. */
final class Viewport {
    private static final double MAX_ZOOM = 4_000;
    private static final double MIN_ZOOM = 2;
    /** The share of the view that may lie beyond the end. */
    private static final double BEYOND = 0.12;

    private static final double STEP = 0.1;
    private static final double PAGE = 0.9;

    private final ScrollBar bar = new ScrollBar();
    private final DoubleSupplier width;
    private final DoubleSupplier length;
    private final Runnable changed;
    private double scale = 300;

    /**
     * @param width of the view, in pixels
     * @param length of the cycle, in whole notes
     * @param changed runs when the range changes
     */
    Viewport(DoubleSupplier width, DoubleSupplier length, Runnable changed) {
        this.width = width;
        this.length = length;
        this.changed = changed;
        bar.setOrientation(Orientation.HORIZONTAL);
        bar.valueProperty().addListener(change -> changed.run());
    }

    ScrollBar bar() {
        return bar;
    }

    VisibleRange stretch() {
        return new VisibleRange(bar.getValue(), width.getAsDouble(), scale);
    }

    /** Returns how much is in view, in whole notes. */
    private double seen() {
        return width.getAsDouble() / scale;
    }

    /** Goes back to the start, zoomed so that a phrase of this length fits with readable eighths. */
    void fit(double phrase) {
        scale = Math.max(130, Math.min(640, (width.getAsDouble() - 24) / phrase));
        bar.setValue(0);
        changed.run();
    }

    /** Updates the scroll bar. */
    void measure() {
        double all = length.getAsDouble() + BEYOND * seen();
        double most = Math.max(0, all - seen());
        bar.setMax(most);
        bar.setVisibleAmount(most <= 0 ? 1 : Math.min(most, most * seen() / all));
        bar.setUnitIncrement(seen() * STEP);
        bar.setBlockIncrement(seen() * PAGE);
        if (bar.getValue() > most) {
            bar.setValue(most);
        }
    }

    /** Scrolls by a page if a moment, in whole notes, is not in view or close to the edge ahead. */
    void bringIntoView(double moment) {
        VisibleRange now = stretch();
        if (moment < now.start() || moment > now.end() - 0.05 * seen()) {
            goTo(moment - seen() * STEP);
        }
    }

    /** Centers a moment, in whole notes. */
    void center(double moment) {
        goTo(moment - seen() / 2);
    }

    /** Scrolls by a number of pixels. */
    void move(double pixels) {
        goTo(bar.getValue() + pixels / scale);
    }

    private void goTo(double start) {
        bar.setValue(Math.max(0, Math.min(bar.getMax(), start)));
    }

    void zoomIn() {
        zoom(1.25, width.getAsDouble() / 2);
    }

    void zoomOut() {
        zoom(0.8, width.getAsDouble() / 2);
    }

    /**
     * Zooms.
     *
     * @param aroundX the place, in pixels from the left edge, that stays where it is
     */
    void zoom(double factor, double aroundX) {
        double around = stretch().moment(aroundX);
        scale = Math.max(MIN_ZOOM, Math.min(MAX_ZOOM, scale * factor));
        measure();
        goTo(around - aroundX / scale);
        changed.run();
    }

    /** Handles a key. Returns whether the key does something here. */
    boolean press(KeyCode key) {
        switch (key) {
            case LEFT -> goTo(bar.getValue() - seen() * STEP);
            case RIGHT -> goTo(bar.getValue() + seen() * STEP);
            case PAGE_UP -> goTo(bar.getValue() - seen() * PAGE);
            case PAGE_DOWN -> goTo(bar.getValue() + seen() * PAGE);
            case HOME -> goTo(0);
            case END -> goTo(bar.getMax());
            case PLUS, EQUALS, ADD -> zoomIn();
            case MINUS, SUBTRACT -> zoomOut();
            default -> {
                return false;
            }
        }
        return true;
    }
}
