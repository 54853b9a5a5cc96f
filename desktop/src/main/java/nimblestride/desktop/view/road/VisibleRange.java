package nimblestride.desktop.view.road;

import nimblestride.core.time.value.NoteValue;

/**
 * The range of the Road in view, and its scale.
 *
 * @param start moment at the left edge, in whole notes
 * @param width of the view, in pixels
 * @param scale pixels per whole note
 */
record VisibleRange(double start, double width, double scale) {
    /** Moments are cut to this grain where a place on the screen becomes one. */
    private static final long GRAIN = 1_024;

    double x(double moment) {
        return (moment - start) * scale;
    }

    double moment(double x) {
        return start + x / scale;
    }

    double end() {
        return start + width / scale;
    }

    /** The first moment to be drawn, a little before the left edge. */
    NoteValue from() {
        return NoteValue.of((long) Math.max(0, Math.floor(start * GRAIN)), GRAIN);
    }

    /** The end of what is to be drawn, a little after the right edge. */
    NoteValue to() {
        return NoteValue.of((long) Math.max(0, Math.ceil(end() * GRAIN)) + 1, GRAIN);
    }
}
