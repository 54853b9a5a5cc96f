package nimblestride.core.practice.ear;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import nimblestride.core.time.meter.Grouping;

/** Finds which grouping somebody tapped: a tap at the start of each group, from the 1 on. */
public final class TappedGrouping {
    /** Fewer taps say nothing. */
    public static final int MIN_TAPS = 3;

    private TappedGrouping() {}

    /**
     * Returns the choice whose groups are nearest to the gaps between taps; empty for fewer than {@value #MIN_TAPS} taps.
     *
     * @param choices at least one; the bar goes round
     * @param micros when each tap came, in microseconds, rising
     */
    public static Optional<Grouping> nearest(List<Grouping> choices, List<Long> micros) {
        if (micros.size() < MIN_TAPS) {
            return Optional.empty();
        }
        return choices.stream().min(Comparator.comparingDouble(choice -> distance(choice, micros)));
    }

    /** Returns how far gaps and groups are apart once both have the same sum. */
    private static double distance(Grouping choice, List<Long> micros) {
        int gaps = micros.size() - 1;
        double all = micros.get(gaps) - micros.get(0);
        double units = 0;
        for (int gap = 0; gap < gaps; gap++) {
            units += size(choice, gap);
        }
        double sum = 0;
        for (int gap = 0; gap < gaps; gap++) {
            double played = (micros.get(gap + 1) - micros.get(gap)) / all;
            double off = played - size(choice, gap) / units;
            sum += off * off;
        }
        return sum;
    }

    private static int size(Grouping choice, int gap) {
        return choice.sizes().get(gap % choice.sizes().size());
    }
}
