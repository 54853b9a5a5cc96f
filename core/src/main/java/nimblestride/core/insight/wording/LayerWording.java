package nimblestride.core.insight.wording;

import static nimblestride.core.foundation.words.Counted.count;
import static nimblestride.core.foundation.words.Counted.number;

import java.util.List;
import java.util.stream.Collectors;
import nimblestride.core.insight.fact.LayerFact;
import nimblestride.core.insight.wording.Wording.Words;
import nimblestride.core.layer.alignment.Realignment;
import nimblestride.core.layer.pattern.Pattern;
import nimblestride.core.layer.pattern.Reset;
import nimblestride.core.time.meter.CountPosition;
import nimblestride.core.time.meter.Meter;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.CommonNote;
import nimblestride.core.time.value.NoteValue;

/** The words for what one layer does over the bars. */
final class LayerWording {
    private static final String THEN = " · ";

    private LayerWording() {}

    static Words of(LayerFact fact) {
        if (fact instanceof LayerFact.Overview overview) {
            return overview(overview);
        }
        if (fact instanceof LayerFact.Counts counts) {
            return counts(counts);
        }
        if (fact instanceof LayerFact.Resets resets) {
            return resets(resets);
        }
        return leftOver((LayerFact.LeftOver) fact);
    }

    /** {@code Kick, dotted eighths · 3-bar cycle, 22 hits · on the 1 in bar 1.} */
    private static Words overview(LayerFact.Overview fact) {
        Pattern pattern = fact.cycle().pattern();
        String start = fact.offset().isZero() ? "" : " from " + FindingWords.place(fact.phrase(), fact.offset());
        String landings = landings(fact);
        return new Words(
                fact.layer() + ", " + FindingWords.pattern(pattern) + start + THEN + cycle(fact)
                        + (landings.isEmpty() ? "" : THEN + landings) + ".",
                sum(fact),
                fractions(fact));
    }

    private static String cycle(LayerFact.Overview fact) {
        Realignment after = fact.after();
        String hits = fact.hits().isPresent() ? count(fact.hits().getAsLong(), "hit") : "";
        if (!fact.reset().equals(Reset.NEVER)) {
            return "restarts " + FindingWords.each(fact.reset())
                    + (fact.remainder().isZero() ? "" : ", last one cut short");
        }
        if (after.bars() == 1) {
            return hits + " per bar";
        }
        if (after.phrases() == 1) {
            return hits + " per phrase";
        }
        return number(after.bars()) + "-bar cycle" + (hits.isEmpty() ? "" : ", " + hits);
    }

    private static String landings(LayerFact.Overview fact) {
        List<Long> landings = fact.landings();
        long bars = fact.after().bars();
        if (landings.size() == bars) {
            return "";
        }
        if (!landings.isEmpty()) {
            return "on the 1 in " + FindingWords.bars(landings);
        }
        return fact.firstLanding().isEmpty()
                ? "never on the 1"
                : "on the 1 from bar " + number(fact.firstLanding().getAsLong() + 1) + ", every " + count(bars, "bar");
    }

    /** {@code 22 × 3 sixteenths = 66 sixteenths = 6 bars.} */
    private static String sum(LayerFact.Overview fact) {
        Realignment after = fact.after();
        if (!fact.reset().equals(Reset.NEVER) || after.phrases() == 1) {
            return "";
        }
        CommonNote note = FindingWords.note(fact.phrase())
                .and(fact.cycle().length(), fact.phrase().length());
        String length = note.say(after.length());
        String cycles =
                fact.cycle().isEven() ? note.times(after.cycles(), fact.cycle().length()) : length;
        return cycles + (cycles.equals(length) ? "" : " = " + length) + " = "
                + FindingWords.phrases(fact.phrase(), after.phrases(), after.bars()) + ".";
    }

    private static String fractions(LayerFact.Overview fact) {
        if (sum(fact).isEmpty()) {
            return "";
        }
        String phrases = number(fact.after().phrases()) + " × " + fact.phrase().length();
        return (fact.cycle().isEven()
                        ? number(fact.after().cycles()) + " × " + fact.cycle().length() + " = "
                        : "")
                + phrases + " = " + fact.after().length();
    }

    /** {@code Count bar 1: 1, 2a, 3&. Bar 2: 1e, 2.} */
    private static Words counts(LayerFact.Counts fact) {
        StringBuilder text = new StringBuilder("Count ");
        for (int bar = 0; bar < fact.bars().size(); bar++) {
            Meter meter = fact.phrase().bar(bar).meter();
            List<NoteValue> hits = fact.bars().get(bar);
            text.append(bar == 0 ? "bar " : " Bar ").append(bar + 1).append(": ");
            text.append(
                    hits.isEmpty()
                            ? "rest"
                            : hits.stream()
                                    .map(at -> new CountPosition(meter, at).toString())
                                    .collect(Collectors.joining(", ")));
            text.append('.');
        }
        return new Words(text.toString(), "");
    }

    private static Words resets(LayerFact.Resets fact) {
        NoteValue cycle = fact.cycle().length();
        NoteValue played = fact.remainder();
        CommonNote note = FindingWords.note(fact.phrase()).and(cycle, played);
        boolean cut = fact.cycle().isEven() && played.compareTo(cycle) < 0;
        return new Words(
                "It restarts " + FindingWords.each(fact.reset()) + ": the last one stops after " + note.say(played)
                        + ".",
                cut
                        ? note.say(played) + " of " + note.say(cycle) + "; " + note.say(cycle.minus(played))
                                + " cut off."
                        : "",
                cut ? played + " of " + cycle : "");
    }

    private static Words leftOver(LayerFact.LeftOver fact) {
        Phrase phrase = fact.phrase();
        CommonNote note = FindingWords.note(phrase).and(fact.cycle().length(), fact.length(), phrase.length());
        NoteValue played = fact.cycle().length().times(fact.cycles());
        NoteValue late = phrase.length().minus(played).minus(fact.length());
        return new Words(
                "Stop after " + count(phrase.bars().size(), "bar") + ": " + note.say(fact.length()) + " left over, "
                        + note.say(fact.missing()) + " short of the next cycle.",
                note.times(fact.cycles(), fact.cycle().length()) + " = " + note.say(played)
                        + (late.isZero() ? "" : "; it starts " + note.and(late).say(late) + " late")
                        + "; the phrase is " + note.say(phrase.length()) + ".",
                fact.cycles() + " × " + fact.cycle().length() + " = " + played + "; " + phrase.length() + " - " + played
                        + (late.isZero() ? "" : " - " + late) + " = " + fact.length());
    }
}
