package nimblestride.desktop.view.road;

import java.util.function.DoubleSupplier;
import javafx.geometry.Orientation;
import javafx.scene.control.ScrollBar;
import javafx.scene.input.KeyCode;

/** Knows which range of the Road is in view: scrolled by a bar, the wheel, and keys, and zoomed. */
final class Viewport {
    private static final double MAX_ZOOM = 4_000;
    private static final double MIN_ZOOM = 2;
    /** So much of what is in view may lie beyond the end of the way. */
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
     * @param length of the way, in whole notes
     * @param changed is run when another stretch is in view
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

    /** How much is in view, in whole notes. */
    private double seen() {
        return width.getAsDouble() / scale;
    }

    /** Goes back to the beginning, to a scale at which a phrase of this length fits, as far as its eighths keep a readable size. */
    void fit(double phrase) {
        scale = Math.max(130, Math.min(640, (width.getAsDouble() - 24) / phrase));
        bar.setValue(0);
        changed.run();
    }

    /** Has the bar say how long the way is and how much of it is in view. */
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

    /** By a page, where a moment, in whole notes, is not in view or near the edge to which it goes. */
    void bringIntoView(double moment) {
        VisibleRange now = stretch();
        if (moment < now.start() || moment > now.end() - 0.05 * seen()) {
            goTo(moment - seen() * STEP);
        }
    }

    /** Puts a moment, in whole notes, in the middle. */
    void center(double moment) {
        goTo(moment - seen() / 2);
    }

    /** Goes along by so many pixels. */
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

    /** @param aroundX what stands so far from the left edge of the view, in pixels, stays there */
    void zoom(double factor, double aroundX) {
        double around = stretch().moment(aroundX);
        scale = Math.max(MIN_ZOOM, Math.min(MAX_ZOOM, scale * factor));
        measure();
        goTo(around - aroundX / scale);
        changed.run();
    }

    /** Does what a key is for; whether it is for anything here. */
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
