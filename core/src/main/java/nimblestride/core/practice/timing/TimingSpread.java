package nimblestride.core.practice.timing;

import java.util.Collection;
import nimblestride.core.foundation.failure.InvalidValueException;
import org.apache.commons.statistics.descriptive.Mean;
import org.apache.commons.statistics.descriptive.StandardDeviation;

/**
 * How late a number of strokes come, in milliseconds; early below 0.
 *
 * @param count how many
 * @param mean how late, on the average
 * @param deviation how far they scatter: the standard deviation of a sample, 0 for a single stroke
 */
public record TimingSpread(int count, double mean, double deviation) {
    /** @param late at least one */
    public static TimingSpread of(Collection<Double> late) {
        if (late.isEmpty()) {
            throw new InvalidValueException("nothing was played");
        }
        double[] values = late.stream().mapToDouble(Double::doubleValue).toArray();
        double deviation = values.length == 1 ? 0 : StandardDeviation.of(values).getAsDouble();
        return new TimingSpread(values.length, Mean.of(values).getAsDouble(), deviation);
    }

    /** How far the mean of as many strokes would scatter by chance alone. */
    public double chance() {
        return deviation / Math.sqrt(count);
    }
}
