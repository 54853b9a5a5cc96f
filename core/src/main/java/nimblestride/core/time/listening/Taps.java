package nimblestride.core.time.listening;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import nimblestride.core.foundation.failure.InvalidValueException;

/**
 * When somebody tapped.
 *
 * @param micros moments in microseconds, each later than the one before, from any start
 */
public record Taps(List<Long> micros) {
    /** The most taps that are kept; of more, the latest ones are. */
    public static final int MAX = 512;

    /** How many times longer than usual a gap must be to be a pause, after which the pattern starts over. */
    private static final double PAUSE = 10;

    /** @throws InvalidValueException if a moment is not later than the one before */
    public Taps {
        micros = List.copyOf(micros.subList(Math.max(0, micros.size() - MAX), micros.size()));
        for (int i = 1; i < micros.size(); i++) {
            if (micros.get(i) <= micros.get(i - 1)) {
                throw new InvalidValueException("each tap must come after the one before");
            }
        }
    }

    /** Returns no taps. */
    public static Taps none() {
        return new Taps(List.of());
    }

    /**
     * Returns these taps and one more.
     *
     * @param moment in microseconds
     */
    public Taps and(long moment) {
        List<Long> more = new ArrayList<>(micros);
        more.add(moment);
        return new Taps(more);
    }

    /** Returns the lengths between taps since the last pause, in seconds. */
    List<Double> gaps() {
        List<Double> gaps = new ArrayList<>();
        for (int i = 1; i < micros.size(); i++) {
            gaps.add((micros.get(i) - micros.get(i - 1)) / 1e6);
        }
        List<Double> sorted = new ArrayList<>(gaps);
        Collections.sort(sorted);
        for (int i = gaps.size() - 1; i >= 0; i--) {
            if (gaps.get(i) > PAUSE * sorted.get(sorted.size() / 2)) {
                return gaps.subList(i + 1, gaps.size());
            }
        }
        return gaps;
    }
}
