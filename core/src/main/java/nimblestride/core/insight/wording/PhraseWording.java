package nimblestride.core.insight.wording;

import static nimblestride.core.foundation.words.Counted.count;
import static nimblestride.core.foundation.words.Counted.number;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import nimblestride.core.foundation.words.SpokenDuration;
import nimblestride.core.insight.fact.PhraseFact;
import nimblestride.core.insight.wording.Wording.Words;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Phrase;

/** The words for how long the bars are. */
final class PhraseWording {
    private static final int LISTED = 12;

    private PhraseWording() {}

    static Words of(PhraseFact fact) {
        Phrase phrase = fact.phrase();
        List<Bar> bars = phrase.bars();
        String length = FindingWords.note(phrase).say(phrase.length());
        String time = " (" + SpokenDuration.of(fact.seconds()) + ")";
        if (bars.size() == 1) {
            Bar bar = bars.get(0);
            String groups = isGrouped(bar) ? ", grouped " + bar.grouping() : "";
            return new Words("One bar is " + length + time + groups + ".", "");
        }
        return new Words(
                "One phrase is " + count(bars.size(), "bar") + ", " + length + time + ".",
                meters(phrase) + " = " + length + ".",
                meters(phrase) + " = " + phrase.length());
    }

    /** Returns whether its groups say more than its units do. */
    private static boolean isGrouped(Bar bar) {
        List<Integer> sizes = bar.grouping().sizes();
        return sizes.size() > 1 && sizes.stream().anyMatch(size -> size > 1);
    }

    private static String meters(Phrase phrase) {
        Map<String, Integer> meters = new LinkedHashMap<>();
        phrase.bars().forEach(bar -> meters.merge(bar.meter().toString(), 1, Integer::sum));
        return meters.entrySet().stream()
                        .limit(LISTED)
                        .map(entry -> entry.getValue() == 1
                                ? entry.getKey()
                                : number(entry.getValue()) + " × " + entry.getKey())
                        .collect(Collectors.joining(" + "))
                + (meters.size() > LISTED ? " + …" : "");
    }
}
