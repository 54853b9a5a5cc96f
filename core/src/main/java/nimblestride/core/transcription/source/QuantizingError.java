package nimblestride.core.transcription.source;

import java.util.Locale;

/**
 * How far hits were from the places they were put on, in milliseconds.
 *
 * @param bias how late they are on the whole; negative for early
 * @param spread standard deviation around that
 * @param farthest largest distance from its place, with the bias taken off
 */
public record QuantizingError(double bias, double spread, double farthest) {
    private static final double NONE = 0.5;

    /** Returns it as a sentence. */
    public String said() {
        return String.format(
                Locale.ROOT,
                "Hits were moved to the simplest grid that fits: on average they were %s, with a spread of"
                        + " %.0f ms; the farthest was %.0f ms off.",
                Math.abs(bias) < NONE
                        ? "on time"
                        : String.format(Locale.ROOT, "%.0f ms %s", Math.abs(bias), bias > 0 ? "late" : "early"),
                spread,
                farthest);
    }
}
