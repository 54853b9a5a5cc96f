package nimblestride.desktop.view.road;

import java.util.function.DoubleSupplier;
import java.util.function.DoubleUnaryOperator;
import javafx.geometry.Orientation;
import javafx.scene.control.ScrollBar;
import javafx.scene.input.KeyCode;

/** Knows which range of the Road is in view; scrolls by the scroll bar, the wheel, and keys, and zooms. */
final class Viewport {
    /** Where eighths are readable and not too far apart, in pixels to the whole note. */
    private static final double MIN_READABLE = 130;

    private static final double MAX_READABLE = 640;
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
    private DoubleUnaryOperator barStart = moment -> 0;
    private int mostRows = 1;
    private double scale = 300;
    /** Whether the user has not zoomed since the phrase was fitted. */
    private boolean fitted = true;

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

    /**
     * Sets how many rows there is room for, and where bars begin.
     *
     * @param newBarStart returns where the bar at a moment begins
     * @return whether there is room for more or fewer than before
     */
    boolean makeRows(int most, DoubleUnaryOperator newBarStart) {
        barStart = newBarStart;
        boolean other = most != mostRows;
        mostRows = most;
        return other;
    }

    /** Returns what is in view, in rows. */
    RoadRows rows() {
        return RoadRows.from(bar.getValue(), scale, room(), barStart);
    }

    private RoadRows.Room room() {
        return new RoadRows.Room(mostRows, width.getAsDouble(), length.getAsDouble());
    }

    /** Returns what is in view, from the start of the first row to the end of the last. */
    VisibleRange stretch() {
        return rows().all();
    }

    /** Returns how much is in view, in whole notes. */
    private double seen() {
        RoadRows rows = rows();
        return rows.end() - rows.start();
    }

    /** Returns whether the zoom is the one that {@link #fit} has chosen. */
    boolean isFitted() {
        return fitted;
    }

    /**
     * Goes back to the start, zoomed so that a phrase of this length fits with readable eighths; where there are several
     * rows, so that the whole cycle fits, if its eighths are readable then.
     */
    void fit(double phrase) {
        scale = Math.max(MIN_READABLE, Math.min(MAX_READABLE, (width.getAsDouble() - 24) / phrase));
        if (mostRows > 1) {
            scale = RoadRows.scaleToFit(scale, MIN_READABLE, room(), barStart);
        }
        fitted = true;
        bar.setValue(0);
        changed.run();
    }

    /** Updates the scroll bar. */
    void measure() {
        double seen = width.getAsDouble() / scale;
        double all = length.getAsDouble() + BEYOND * seen;
        double most = mostRows == 1 ? Math.max(0, all - seen) : mostOfRows();
        if (mostRows > 1) {
            seen = Math.max(seen, all - most);
        }
        bar.setMax(most);
        bar.setVisibleAmount(most <= 0 ? 1 : Math.min(most, most * seen / all));
        bar.setUnitIncrement(seen * STEP);
        bar.setBlockIncrement(seen * PAGE);
        if (bar.getValue() > most) {
            bar.setValue(most);
        }
    }

    private double mostOfRows() {
        return RoadRows.from(0, scale, room(), barStart).reaches(length.getAsDouble())
                ? 0
                : RoadRows.lastStart(scale, room(), barStart);
    }

    /** Scrolls by a page if a moment, in whole notes, is not in view or close to the edge ahead. */
    void bringIntoView(double moment) {
        VisibleRange now = stretch();
        if (moment < now.start() || moment > now.end() - 0.05 * seen()) {
            goTo(mostRows > 1 ? barStart.applyAsDouble(moment) : moment - seen() * STEP);
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

    private void goToRow(int by) {
        VisibleRange first = rows().ranges().get(0);
        goTo(by > 0 ? first.end() : first.start() - width.getAsDouble() / scale);
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
        double around = bar.getValue() + aroundX / scale;
        fitted = false;
        scale = Math.max(MIN_ZOOM, Math.min(MAX_ZOOM, scale * factor));
        measure();
        goTo(around - aroundX / scale);
        changed.run();
    }

    /** Handles a key. Returns whether the key does something here. */
    boolean press(KeyCode key) {
        if ((key == KeyCode.DOWN || key == KeyCode.UP) && rows().ranges().size() > 1) {
            goToRow(key == KeyCode.DOWN ? 1 : -1);
            return true;
        }
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
