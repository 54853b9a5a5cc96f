package nimblestride.core.insight.wording;

import java.util.List;
import java.util.stream.Collectors;
import nimblestride.core.foundation.words.Counted;
import nimblestride.core.foundation.words.SpokenDuration;
import nimblestride.core.insight.fact.SectionFact;
import nimblestride.core.insight.wording.Wording.Words;
import nimblestride.core.time.value.Tempo;

/** The words for how sections follow each other. */
final class SectionWording {
    private static final int LISTED = 8;

    private SectionWording() {}

    static Words of(SectionFact fact) {
        return fact instanceof SectionFact.Drifted drifted ? drifted(drifted) : order((SectionFact.Order) fact);
    }

    private static Words drifted(SectionFact.Drifted fact) {
        return new Words(
                fact.name() + " comes back at " + Tempo.decimal(fact.has()) + " BPM in section " + (fact.section() + 1)
                        + "; it was at " + Tempo.decimal(fact.had()) + ".",
                "The modulations from section " + (fact.known() + 1) + " to " + (fact.section() + 1)
                        + " multiply the tempo by " + fact.has().divide(fact.had())
                        + "; to come home they must make 1.");
    }

    private static Words order(SectionFact.Order fact) {
        List<SectionFact.Turn> turns = fact.turns();
        String order = turns.stream()
                .limit(LISTED)
                .map(turn -> turn.name() + " at " + Tempo.decimal(turn.perMinute()) + " BPM")
                .collect(Collectors.joining(", then "));
        String more = turns.size() > LISTED ? ", and " + (turns.size() - LISTED) + " more" : "";
        String back = fact.wayBack().stream().map(FindingWords::pivot).collect(Collectors.joining(", then "));
        String home = back.isEmpty() ? "The last section is at the first tempo." : "To go around again: " + back + ".";
        return new Words(
                order + more + ". " + home,
                Counted.count(fact.bars(), "bar") + " in " + turns.size() + " sections: "
                        + SpokenDuration.of(fact.seconds()) + ".");
    }
}
