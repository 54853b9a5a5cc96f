package nimblestride.core.insight.wording;

import nimblestride.core.foundation.words.Counted;
import nimblestride.core.insight.fact.FillFact;
import nimblestride.core.insight.wording.Wording.Words;
import nimblestride.core.time.meter.FillCheck;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteName;

/** The words for whether a pattern fills the bars. */
final class FillWording {
    private FillWording() {}

    static Words of(FillFact fact) {
        FillCheck check = fact.check();
        Phrase phrase = fact.phrase();
        String pattern = check.count() + " × " + check.unit() + " = " + NoteName.written(check.length());
        String bars = phrase.bars().size() == 1
                ? "the bar of " + phrase.bars().get(0).meter()
                : "the phrase of " + NoteName.written(check.named());
        if (check.fills()) {
            return new Words("The pattern fills " + bars + ".", pattern + ".");
        }
        String by = check.length().compareTo(check.named()) < 0
                ? NoteName.written(check.named().minus(check.length())) + " short"
                : NoteName.written(check.length().minus(check.named())) + " too long";
        StringBuilder sentence = new StringBuilder("The pattern does not fill " + bars + ": it is " + by + ".");
        check.filled()
                .ifPresent(meter -> sentence.append(" It fills ").append(meter).append('.'));
        check.timesIntoBar().ifPresent(times -> sentence.append(' ')
                .append(Counted.number(times))
                .append(" of them fill ")
                .append(bars)
                .append('.'));
        return new Words(
                sentence.toString(), pattern + "; with units of " + check.unitMeant() + " it would fill " + bars + ".");
    }
}
