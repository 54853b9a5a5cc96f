package nimblestride.sound.input;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.OptionalInt;

/**
 * Estimates how late sound reaches the ear from taps along with a click: the median of their distances, so that a few
 * bad taps do no harm. People tap some hundredths of a second early, each by habit (common practice), so the estimate
 * is as good as the one who taps.
 */
public final class LatencyEstimate {
    /** How many taps it takes. */
    public static final int TAPS = 8;

    private final List<Double> late = new ArrayList<>();

    /**
     * Adds a tap.
     *
     * @param milliseconds after the nearest click should have been heard; negative for before
     */
    public void tap(double milliseconds) {
        late.add(milliseconds);
    }

    /** Returns how many more taps are needed. */
    public int missing() {
        return Math.max(0, TAPS - late.size());
    }

    /** Returns the latency in whole milliseconds, never negative; empty until there are enough taps. */
    public OptionalInt latency() {
        if (missing() > 0) {
            return OptionalInt.empty();
        }
        List<Double> sorted = new ArrayList<>(late);
        Collections.sort(sorted);
        int middle = sorted.size() / 2;
        double median = sorted.size() % 2 == 1 ? sorted.get(middle) : (sorted.get(middle - 1) + sorted.get(middle)) / 2;
        return OptionalInt.of((int) Math.max(0, Math.round(median)));
    }
}
