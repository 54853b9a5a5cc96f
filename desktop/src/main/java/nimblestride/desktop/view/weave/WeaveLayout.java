package nimblestride.desktop.view.weave;

import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Phrase;

/**
 * Where things stand on the Weave.
 *
 * @param first number of the bar in the first row, from 0
 * @param pitch from one row to the next, in pixels
 * @param width of the canvas
 * @param height of the canvas
 * @param scale pixels per whole note
 */
record WeaveLayout(long first, double pitch, double width, double height, double scale) {
    /** Left of the bars, where they are numbered and named. */
    static final double GUTTER = 104;

    private static final double RIGHT = 56;
    private static final double NUMBERS = 44;
    private static final double TOP = 4;

    /** All bars to one scale, the longest as wide as there is room. */
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

    /** The row at a height; it may lie outside the rows that are shown. */
    int row(double y) {
        return (int) Math.floor((y - TOP) / pitch);
    }

    /** How many rows there is room for, the last perhaps cut. */
    int rows() {
        return (int) Math.max(1, Math.ceil((height - TOP) / pitch));
    }

    /** How many rows are seen whole. */
    int wholeRows() {
        return (int) Math.max(1, Math.floor((height - TOP) / pitch));
    }

    /** How far below a row's top a layer's marks stand. */
    double lane(int layer, int layers) {
        return pitch * (layer + 1) / (layers + 1);
    }

    /** Half the size of a mark. */
    double mark() {
        return Math.max(1.6, Math.min(4.6, pitch / 6));
    }

    /** Where the bars' numbers end. */
    double numbers() {
        return NUMBERS;
    }
}
