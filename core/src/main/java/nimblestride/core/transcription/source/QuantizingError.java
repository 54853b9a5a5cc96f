package nimblestride.core.transcription.source;

import java.util.Locale;

/**
 * How far strokes were played from the places they were put on, in milliseconds.
 *
 * @param bias by how much they are late on the whole; early below 0
 * @param spread their standard deviation about that
 * @param farthest how far from its place, the bias taken off, the one is that lies farthest
 */
public record QuantizingError(double bias, double spread, double farthest) {
    private static final double NONE = 0.5;

    /** A sentence that tells it. */
    public String said() {
        return String.format(
                Locale.ROOT,
                "Played strokes were put on the simplest grid that explains them: they are %s on the whole, scatter by"
                        + " %.0f ms, and the one farthest off is %.0f ms from its place.",
                Math.abs(bias) < NONE
                        ? "on time"
                        : String.format(Locale.ROOT, "%.0f ms %s", Math.abs(bias), bias > 0 ? "late" : "early"),
                spread,
                farthest);
    }
}
