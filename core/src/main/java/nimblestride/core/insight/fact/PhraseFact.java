package nimblestride.core.insight.fact;

import nimblestride.core.time.meter.Phrase;
import org.apache.commons.numbers.fraction.BigFraction;

/**
 * How long the bars are.
 *
 * @param seconds at the tempo of the exercise
 * @param isHeadline whether nothing runs across the bars, so that their length is the first thing to say
 */
public record PhraseFact(Phrase phrase, BigFraction seconds, boolean isHeadline) implements Fact {
    @Override
    public FactKind kind() {
        return isHeadline ? FactKind.PHRASE : FactKind.LENGTH;
    }
}
