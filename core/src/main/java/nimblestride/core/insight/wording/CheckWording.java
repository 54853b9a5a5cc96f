package nimblestride.core.insight.wording;

import nimblestride.core.foundation.words.Counted;
import nimblestride.core.insight.fact.CheckFact;
import nimblestride.core.insight.wording.Wording.Words;

/** The words for what does not add up in a layer. */
final class CheckWording {
    private CheckWording() {}

    static Words of(CheckFact fact) {
        if (fact instanceof CheckFact.TooLarge tooLarge) {
            return new Words(tooLarge.problem() + ".", "");
        }
        if (fact instanceof CheckFact.Silent silent) {
            String until = silent.resetsWithPhrase() ? "the phrase" : "every bar or stretch of bars";
            return new Words(
                    silent.layer() + " is never heard: it starts " + silent.offset() + " late, and " + until
                            + " is over before that.",
                    "");
        }
        if (fact instanceof CheckFact.LostPlaces lost) {
            return new Words(
                    lost.layer() + " has " + Counted.count(lost.notes(), "note")
                            + " on places that the bars do not have; " + (lost.notes() == 1 ? "it is" : "they are")
                            + " not played.",
                    "");
        }
        CheckFact.IdleRule idle = (CheckFact.IdleRule) fact;
        return new Words(idle.layer() + ": rule " + idle.rule() + ", to " + idle.to() + ", matches no note.", "");
    }
}
