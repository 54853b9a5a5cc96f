package nimblestride.core.insight.wording;

import static nimblestride.core.foundation.words.Counted.count;
import static nimblestride.core.foundation.words.Counted.number;

import java.util.List;
import nimblestride.core.insight.fact.LayerFact;
import nimblestride.core.insight.wording.Wording.Words;
import nimblestride.core.layer.alignment.Realignment;
import nimblestride.core.layer.pattern.Reset;
import nimblestride.core.time.value.NoteName;
import nimblestride.core.time.value.NoteValue;

/** The words for what one layer does over the bars. */
final class LayerWording {
    private LayerWording() {}

    static Words of(LayerFact fact) {
        if (fact instanceof LayerFact.Returns returns) {
            return returns(returns);
        }
        if (fact instanceof LayerFact.Resets resets) {
            return resets(resets);
        }
        if (fact instanceof LayerFact.NeverLands never) {
            return neverLands(never);
        }
        if (fact instanceof LayerFact.Lands lands) {
            return lands(lands);
        }
        return leftOver((LayerFact.LeftOver) fact);
    }

    private static Words returns(LayerFact.Returns fact) {
        Realignment after = fact.after();
        String where = fact.start().isZero()
                ? "on 1"
                : "where it began, on " + FindingWords.place(fact.phrase(), fact.start()) + ",";
        String phrases = fact.phrase().bars().size() > 1 ? ", " + count(after.phrases(), "phrase") : "";
        String between = !fact.landsBetween() && after.bars() > 1 ? ", and nothing lands in between." : ".";
        return new Words(
                fact.layer() + " " + FindingWords.pattern(fact.cycle().pattern()) + " is back " + where + " after "
                        + count(after.bars(), "bar") + phrases + ": bar " + number(after.bars() + 1) + " is bar 1 again"
                        + between,
                FindingWords.cycles(after.cycles(), fact.cycle()) + " = "
                        + FindingWords.phrasesSum(fact.phrase(), after.phrases(), after.length()) + ".");
    }

    private static Words resets(LayerFact.Resets fact) {
        NoteValue remainder = fact.remainder();
        NoteValue cycle = fact.cycle().length();
        String begins = fact.layer() + " " + FindingWords.pattern(fact.cycle().pattern()) + " begins again with "
                + each(fact.reset());
        if (remainder.isZero()) {
            return new Words(begins + ", and nothing is cut off.", "");
        }
        return new Words(
                begins + ": the last cycle gets only " + NoteName.one(remainder) + ".",
                fact.cycle().isEven() && remainder.compareTo(cycle) < 0
                        ? "Of the last " + NoteName.written(cycle) + ", " + NoteName.written(remainder)
                                + " is played and " + NoteName.written(cycle.minus(remainder)) + " is cut off."
                        : "The last round is cut off after " + NoteName.written(remainder) + ".");
    }

    private static String each(Reset reset) {
        if (reset instanceof Reset.AtBars chosen) {
            return "the phrase and its "
                    + FindingWords.bars(
                            chosen.bars().stream().map(Integer::longValue).toList());
        }
        return reset.equals(Reset.BAR) ? "each bar" : "each phrase";
    }

    private static Words neverLands(LayerFact.NeverLands fact) {
        return new Words(
                fact.layer() + " never lands on a bar line.",
                "No whole number of " + fact.cycle() + " after " + fact.offset() + " ever makes a bar line.");
    }

    private static Words lands(LayerFact.Lands fact) {
        List<Long> landings = fact.landings();
        long bars = fact.bars();
        if (landings.isEmpty()) {
            return new Words(
                    fact.layer() + " lands first on bar " + number(fact.first() + 1) + ", and every "
                            + count(bars, "bar") + " from there.",
                    "");
        }
        if (landings.size() == bars) {
            return new Words(
                    fact.layer() + " lands on " + (bars == 1 ? "the bar line every time" : "every bar line") + ".", "");
        }
        boolean gap = landings.get(0) == 0 && landings.get(landings.size() - 1) + 1 < bars;
        String then = gap ? ", then not before bar " + number(bars + 1) + ", which is bar 1 again" : "";
        return new Words(
                fact.layer() + " lands on " + FindingWords.bars(landings) + " of the " + number(bars) + then + ".",
                fact.last().map(LayerWording::lastLanding).orElse(""));
    }

    private static String lastLanding(LayerFact.LastLanding last) {
        String late = last.late().isZero() ? "" : " and the " + NoteName.written(last.late()) + " it starts late";
        return "Bar " + number(last.bar() + 1) + " starts after " + NoteName.written(last.start()) + ": "
                + FindingWords.cycles(last.cycles(), last.cycle()) + late + ".";
    }

    private static Words leftOver(LayerFact.LeftOver fact) {
        String length = NoteName.written(fact.length());
        return new Words(
                "Stopped after " + count(fact.bars(), "bar") + ", " + fact.layer() + " leaves " + length + " over.",
                FindingWords.cycles(fact.cycles(), fact.cycle()) + " = "
                        + NoteName.written(fact.cycle().length().times(fact.cycles())) + ", and " + length
                        + " is begun; " + NoteName.written(fact.missing()) + " more would close it.");
    }
}
