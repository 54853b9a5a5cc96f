package nimblestride.core.insight.finding;

import java.util.List;
import java.util.Optional;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.insight.fact.FillFact;
import nimblestride.core.insight.fact.Remedy;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.FillCheck;
import nimblestride.core.time.meter.Phrase;

/** Finds whether a pattern fills an exercise's phrase. */
public final class FillFinding {
    private FillFinding() {}

    /** Returns the finding, with a fix that calls the bar by the meter the pattern fills. */
    public static Finding of(FillCheck check, Exercise exercise) {
        Optional<Finding.Fix> fix = check.fills()
                ? Optional.empty()
                : check.filled()
                        .map(meter -> new Finding.Fix(
                                new Remedy.CallIt(meter), exercise.withPhrase(Phrase.of(List.of(Bar.of(meter))))));
        return new Finding(new FillFact(check, exercise.phrase()), Optional.empty(), fix);
    }
}
