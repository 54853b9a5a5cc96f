package nimblestride.core.insight.wording;

import java.util.List;
import java.util.stream.Collectors;
import nimblestride.core.foundation.words.Counted;
import nimblestride.core.insight.fact.SectionFact;
import nimblestride.core.insight.wording.Wording.Words;
import nimblestride.core.layer.modulation.Pivot;
import nimblestride.core.time.value.NoteName;
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
                fact.name() + " comes back at " + Tempo.decimal(fact.has()) + " in section " + (fact.section() + 1)
                        + ", and it was at " + Tempo.decimal(fact.had()) + ": the chain has drifted.",
                "From section " + (fact.known() + 1) + " to " + (fact.section() + 1) + " the tempo is multiplied by "
                        + fact.has().divide(fact.had()) + ", and home is 1.");
    }

    private static Words order(SectionFact.Order fact) {
        List<SectionFact.Turn> turns = fact.turns();
        String order = turns.stream()
                .limit(LISTED)
                .map(turn -> turn.name() + " at " + Tempo.decimal(turn.perMinute()))
                .collect(Collectors.joining(", then "));
        String more = turns.size() > LISTED ? ", and " + (turns.size() - LISTED) + " more" : "";
        String back = fact.wayBack().stream().map(SectionWording::pivot).collect(Collectors.joining(", then "));
        String home = back.isEmpty()
                ? "The last is at the tempo of the first."
                : "Round again, the tempo goes back by " + back + ".";
        return new Words(
                order + more + ". " + home,
                Counted.count(fact.bars(), "bar") + " in " + turns.size() + " sections last "
                        + Tempo.decimal(fact.seconds()) + " s.");
    }

    /** {@code dotted quarter = half}. */
    static String pivot(Pivot pivot) {
        return NoteName.say(pivot.oldValue()) + " = " + NoteName.say(pivot.newValue());
    }
}
