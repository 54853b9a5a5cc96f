package nimblestride.desktop.view.weave;

import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Phrase;

/**
 * Where everything stands on the Weave.
 *
 * @param first number of the bar in the first row, from 0
 * @param pitch distance between rows, in pixels
 * @param width of the canvas
 * @param height of the canvas
 * @param scale pixels per whole note
 */
record WeaveLayout(long first, double pitch, double width, double height, double scale) {
    /** Room left of the bars, for their numbers and names. */
    static final double GUTTER = 104;

    private static final double RIGHT = 56;
    private static final double NUMBERS = 44;
    private static final double TOP = 4;

    /** Lays all bars out at one scale, the longest as wide as fits. */
    static WeaveLayout of(Phrase phrase, long first, double pitch, double width, double height) {
        double longest = phrase.bars().stream()
                .map(Bar::length)
                .distinct()
                .mapToDouble(length -> length.toDouble())
                .max()
                .orElse(1);
        return new WeaveLayout(first, pitch, width, height, Math.max(20, width - GUTTER - RIGHT) / longest);
    }

    double x(double at) {
        return GUTTER + at * scale;
    }

    double top(int row) {
        return TOP + row * pitch;
    }

    /** Returns the row at a height; it may lie outside the rows shown. */
    int row(double y) {
        return (int) Math.floor((y - TOP) / pitch);
    }

    /** Returns how many rows fit, including a cut one. */
    int rows() {
        return (int) Math.max(1, Math.ceil((height - TOP) / pitch));
    }

    /** Returns how many whole rows fit. */
    int wholeRows() {
        return (int) Math.max(1, Math.floor((height - TOP) / pitch));
    }

    /** Returns how far below a row's top the marks of a layer stand. */
    double lane(int layer, int layers) {
        return pitch * (layer + 1) / (layers + 1);
    }

    /** Returns half the size of a mark. */
    double mark() {
        return Math.max(1.6, Math.min(4.6, pitch / 6));
    }

    /** Returns where the bar numbers end. */
    double numbers() {
        return NUMBERS;
    }
}
