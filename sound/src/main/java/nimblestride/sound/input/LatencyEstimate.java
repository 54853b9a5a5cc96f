package nimblestride.sound.input;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.OptionalInt;

/**
 * Measures how late sound reaches the ear by having somebody tap along with a click: the middle one of the taps' distances from
 * the click, so that a few bad taps do no harm. People tap some hundredths of a second early, each by habit (common
 * experience), so that it is as good as the one who taps.
 */
public final class LatencyEstimate {
    public static final int TAPS = 8;

    private final List<Double> late = new ArrayList<>();

    /**
     * A tap.
     *
     * @param milliseconds after the moment at which the click nearest to it should have been heard; before it below 0
     */
    public void tap(double milliseconds) {
        late.add(milliseconds);
    }

    /** How many more taps are needed. */
    public int missing() {
        return Math.max(0, TAPS - late.size());
    }

    /** The latency, in whole milliseconds, never less than 0; empty until there are enough taps. */
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
