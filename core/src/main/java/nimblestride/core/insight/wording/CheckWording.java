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
            String until = silent.resetsWithPhrase() ? "the phrase ends" : "each reset comes";
            return new Words(
                    silent.layer() + " never plays: it starts "
                            + FindingWords.note(silent.phrase())
                                    .and(silent.offset())
                                    .say(silent.offset())
                            + " late, and " + until + " before that.",
                    "",
                    silent.offset() + " late");
        }
        if (fact instanceof CheckFact.LostPlaces lost) {
            return new Words(
                    lost.layer() + " has " + Counted.count(lost.notes(), "note") + " where these bars have no place. "
                            + (lost.notes() == 1 ? "It does" : "They do") + " not play.",
                    "");
        }
        CheckFact.IdleRule idle = (CheckFact.IdleRule) fact;
        return new Words(idle.layer() + ": rule " + idle.rule() + " (to " + idle.to() + ") matches no note.", "");
    }
}
