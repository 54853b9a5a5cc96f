package nimblestride.core.layer.timeline;

import java.util.Arrays;
import java.util.Locale;
import java.util.stream.LongStream;
import nimblestride.core.foundation.exact.ExactMath;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.time.meter.Phrase;
import org.apache.commons.numbers.core.ArithmeticUtils;

/**
 * Removes a layer's hits from the 1 of all but one bar in so many. Few downbeats let a phrase flow over several bars;
 * one in each lets everybody find the bar (common practice).
 */
final class DownbeatThinning {
    private DownbeatThinning() {}

    /**
     * Thins the downbeats of a timeline.
     *
     * @param every 1 leaves the timeline as it is; otherwise it repeats only when that many bars, the phrase, and the
     *     timeline do
     * @throws InvalidValueException if that has more hits than can be listed
     */
    static LayerTimeline of(LayerTimeline timeline, Phrase phrase, int every) {
        if (every == 1) {
            return timeline;
        }
        long unit = timeline.grid().count(phrase.grid().unit());
        int bars = phrase.bars().size();
        long phraseLength = ExactMath.multiply(phrase.startOnGrid(bars), unit);
        long stretch = ExactMath.multiply(phraseLength, (long) every / ArithmeticUtils.gcd(every, bars));
        if (stretch / phraseLength > LayerTimelineBuilder.MAX_HITS / bars) {
            throw new InvalidValueException(String.format(
                    Locale.ROOT,
                    "a downbeat every %,d bars in a phrase of %,d takes too many bars to repeat",
                    every,
                    bars));
        }
        long period = ExactMath.lcm(timeline.period(), stretch);
        long[] ones = LongStream.range(0, stretch / phraseLength * bars)
                .filter(bar -> bar % every != 0)
                .map(bar -> bar / bars * phraseLength + phrase.startOnGrid((int) (bar % bars)) * unit)
                .toArray();
        return timeline.repeatedFor(
                period, onset -> Arrays.binarySearch(ones, (timeline.start() + onset) % stretch) < 0);
    }
}
