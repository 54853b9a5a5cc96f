package nimblestride.core.insight.wording;

import static nimblestride.core.foundation.words.Counted.count;
import static nimblestride.core.foundation.words.Counted.number;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import nimblestride.core.insight.fact.PhraseFact;
import nimblestride.core.insight.wording.Wording.Words;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteName;

/** The words for how long the bars are. */
final class PhraseWording {
    private static final int LISTED = 12;

    private PhraseWording() {}

    static Words of(PhraseFact fact) {
        Phrase phrase = fact.phrase();
        List<Bar> bars = phrase.bars();
        if (bars.size() == 1) {
            return new Words(
                    "The bar lasts " + NoteName.one(phrase.length()) + ", felt "
                            + bars.get(0).grouping() + ".",
                    "");
        }
        return new Words(
                "The phrase is " + count(bars.size(), "bar") + " and lasts " + NoteName.one(phrase.length()) + ".",
                sum(phrase));
    }

    private static String sum(Phrase phrase) {
        Map<String, Integer> meters = new LinkedHashMap<>();
        phrase.bars().forEach(bar -> meters.merge(bar.meter().toString(), 1, Integer::sum));
        return meters.entrySet().stream()
                        .limit(LISTED)
                        .map(entry -> entry.getValue() == 1
                                ? entry.getKey()
                                : number(entry.getValue()) + " × " + entry.getKey())
                        .collect(Collectors.joining(" + "))
                + (meters.size() > LISTED ? " + …" : "") + " = " + NoteName.written(phrase.length()) + ".";
    }
}
