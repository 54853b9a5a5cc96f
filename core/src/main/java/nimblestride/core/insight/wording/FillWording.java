package nimblestride.core.insight.wording;

import nimblestride.core.foundation.words.Counted;
import nimblestride.core.insight.fact.FillFact;
import nimblestride.core.insight.wording.Wording.Words;
import nimblestride.core.time.meter.FillCheck;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.CommonNote;
import nimblestride.core.time.value.NoteName;

/** The words for whether a pattern fills the bars. */
final class FillWording {
    private FillWording() {}

    static Words of(FillFact fact) {
        FillCheck check = fact.check();
        Phrase phrase = fact.phrase();
        CommonNote note = FindingWords.note(phrase).and(check.unit(), check.length(), check.named());
        String bars = phrase.bars().size() == 1 ? phrase.bars().get(0).meter().toString() : "the phrase";
        String pattern = note.say(check.length());
        String named = note.say(check.named());
        String fractions = check.count() + " × " + check.unit() + " = " + check.length();
        if (check.fills()) {
            return new Words("The pattern fills " + bars + ".", "Both are " + named + ".", fractions);
        }
        String by = check.length().compareTo(check.named()) < 0
                ? note.say(check.named().minus(check.length())) + " too short"
                : note.say(check.length().minus(check.named())) + " too long";
        StringBuilder sentence = new StringBuilder("The pattern is " + by + " for " + bars + ".");
        check.filled()
                .ifPresent(meter -> sentence.append(" It fills ").append(meter).append('.'));
        check.timesIntoBar().ifPresent(times -> sentence.append(' ')
                .append(Counted.number(times))
                .append(" of them fill ")
                .append(bars)
                .append('.'));
        return new Words(
                sentence.toString(),
                "The pattern is " + pattern + "; " + bars + " is " + named + "."
                        + NoteName.of(check.unitMeant())
                                .map(name -> " In " + NoteName.sayMany(check.unitMeant()) + " it would fill.")
                                .orElse(""),
                fractions + "; " + bars + " = " + check.named());
    }
}
