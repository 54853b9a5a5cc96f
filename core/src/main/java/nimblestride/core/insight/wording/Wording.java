package nimblestride.core.insight.wording;

import nimblestride.core.insight.fact.CheckFact;
import nimblestride.core.insight.fact.CrossingFact;
import nimblestride.core.insight.fact.Fact;
import nimblestride.core.insight.fact.FillFact;
import nimblestride.core.insight.fact.HandsFact;
import nimblestride.core.insight.fact.LayerFact;
import nimblestride.core.insight.fact.MeetingFact;
import nimblestride.core.insight.fact.PhraseFact;
import nimblestride.core.insight.fact.SectionFact;

/**
 * Puts facts into words. The words of each kind of fact stand in a class of their own, so that one screen shows all of them.
 */
public final class Wording {
    private Wording() {}

    /**
     * A fact in words.
     *
     * @param sentence what is so
     * @param sum how it works out, in the smallest common note; empty where there is nothing to work out
     * @param fractions the same sum in fractions of a whole note; empty where the words say it all
     */
    public record Words(String sentence, String sum, String fractions) {
        Words(String sentence, String sum) {
            this(sentence, sum, "");
        }
    }

    /** Returns the words of a fact. */
    public static Words of(Fact fact) {
        if (fact instanceof LayerFact layer) {
            return LayerWording.of(layer);
        }
        if (fact instanceof CrossingFact crossing) {
            return CrossingWording.of(crossing);
        }
        if (fact instanceof MeetingFact meeting) {
            return MeetingWording.of(meeting);
        }
        if (fact instanceof HandsFact hands) {
            return HandsWording.of(hands);
        }
        if (fact instanceof SectionFact section) {
            return SectionWording.of(section);
        }
        if (fact instanceof CheckFact check) {
            return CheckWording.of(check);
        }
        if (fact instanceof FillFact fill) {
            return FillWording.of(fill);
        }
        return PhraseWording.of((PhraseFact) fact);
    }
}
