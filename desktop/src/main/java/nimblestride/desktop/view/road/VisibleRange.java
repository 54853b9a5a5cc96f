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
    /** Rounds a place on the screen to moments of this fineness, in parts of a whole note. */
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

    /** Returns the first moment to draw, slightly before the left edge. */
    NoteValue from() {
        return NoteValue.of((long) Math.max(0, Math.floor(start * GRAIN)), GRAIN);
    }

    /** Returns the end of what to draw, slightly after the right edge. */
    NoteValue to() {
        return NoteValue.of((long) Math.max(0, Math.ceil(end() * GRAIN)) + 1, GRAIN);
    }
}
