package nimblestride.core.insight.fact;

import nimblestride.core.time.meter.FillCheck;
import nimblestride.core.time.meter.Phrase;

/** Whether a pattern fills the bars it is compared with. */
public record FillFact(FillCheck check, Phrase phrase) implements Fact {
    @Override
    public FactKind kind() {
        return check.fills() ? FactKind.PATTERN_FILLS : FactKind.PATTERN_DOES_NOT_FILL;
    }
}
