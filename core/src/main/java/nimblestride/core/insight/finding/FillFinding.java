package nimblestride.core.insight.finding;

import java.util.List;
import java.util.Optional;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.words.Counted;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.FillCheck;
import nimblestride.core.time.meter.Meter;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteName;

/** What a pattern held against an exercise's phrase comes to, in a sentence. */
public final class FillFinding {
    private FillFinding() {}

    public static Finding of(FillCheck check, Exercise exercise) {
        String pattern = check.count() + " × " + check.unit() + " = " + NoteName.written(check.length());
        String bars = exercise.phrase().bars().size() == 1
                ? "the bar of " + exercise.phrase().bars().get(0).meter()
                : "the phrase of " + NoteName.written(check.named());
        if (check.fills()) {
            return new Finding(
                    Finding.Kind.LENGTH,
                    "pattern-fills",
                    "The pattern fills " + bars + ".",
                    pattern + ".",
                    Optional.empty(),
                    Optional.empty());
        }
        StringBuilder sentence = new StringBuilder("The pattern does not fill " + bars + ": it is "
                + (check.length().compareTo(check.named()) < 0
                        ? NoteName.written(check.named().minus(check.length())) + " short"
                        : NoteName.written(check.length().minus(check.named())) + " too long")
                + ".");
        Optional<Meter> filled = check.filled();
        filled.ifPresent(meter -> sentence.append(" It fills ").append(meter).append('.'));
        check.timesIntoBar().ifPresent(times -> sentence.append(' ')
                .append(Counted.number(times))
                .append(" of them fill ")
                .append(bars)
                .append('.'));
        String sum = pattern + "; with units of " + check.unitMeant() + " it would fill " + bars + ".";
        Optional<Finding.Fix> fix = filled.map(
                meter -> new Finding.Fix("Call it " + meter, exercise.withPhrase(Phrase.of(List.of(Bar.of(meter))))));
        return new Finding(
                Finding.Kind.CHECK, "pattern-does-not-fill", sentence.toString(), sum, Optional.empty(), fix);
    }
}
