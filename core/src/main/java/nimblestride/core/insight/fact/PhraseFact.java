package nimblestride.core.insight.fact;

import nimblestride.core.time.meter.Phrase;

/** How long the bars are. */
public record PhraseFact(Phrase phrase) implements Fact {
    @Override
    public FactKind kind() {
        return FactKind.LENGTH;
    }
}
