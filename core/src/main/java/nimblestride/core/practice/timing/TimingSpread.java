package nimblestride.core.practice.timing;

import java.util.Collection;
import nimblestride.core.foundation.failure.InvalidValueException;
import org.apache.commons.statistics.descriptive.Mean;
import org.apache.commons.statistics.descriptive.StandardDeviation;

/**
 * How late several hits are, in milliseconds; negative for early.
 *
 * @param count how many hits
 * @param mean their average
 * @param deviation standard deviation of the sample; 0 for a single hit
 */
public record TimingSpread(int count, double mean, double deviation) {
    /**
     * Returns the spread of hits.
     *
     * @param late at least one
     */
    public static TimingSpread of(Collection<Double> late) {
        if (late.isEmpty()) {
            throw new InvalidValueException("no hits yet");
        }
        double[] values = late.stream().mapToDouble(Double::doubleValue).toArray();
        double deviation = values.length == 1 ? 0 : StandardDeviation.of(values).getAsDouble();
        return new TimingSpread(values.length, Mean.of(values).getAsDouble(), deviation);
    }

    /** Returns the standard error of the mean. */
    public double chance() {
        return deviation / Math.sqrt(count);
    }
}
