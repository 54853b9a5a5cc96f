package nimblestride.desktop.view.recording;

/**
 * Which part of the recording is in view.
 *
 * @param start in whole notes
 * @param length in whole notes, above 0
 * @param width in pixels
 */
record StripScale(double start, double length, double width) {
    static final double MARGIN = 10;

    double x(double wholes) {
        return MARGIN + (wholes - start) / length * (width - 2 * MARGIN);
    }

    double wholes(double x) {
        return start + (x - MARGIN) / (width - 2 * MARGIN) * length;
    }

    double end() {
        return start + length;
    }
}
