package nimblestride.core.insight.finding;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import nimblestride.core.exercise.analysis.Analysis;
import nimblestride.core.foundation.words.Counted;
import nimblestride.core.layer.alignment.Alignment;
import nimblestride.core.layer.pattern.Hit;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.CountPosition;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;

/**
 * Each bar on the way home in a line of words: its meter and groups, where every layer strikes, which of them land on its bar line, and
 * where all are home. It says what the Road and the Weave show, to whoever does not see them.
 */
public final class BarListing {
    private static final int MAX_HITS = 48;

    private final Analysis analysis;

    public BarListing(Analysis analysis) {
        this.analysis = analysis;
    }

    /**
     * Describes one bar: {@code Bar 2, 5/8(2+3): kick on 1&, 3, landing; snare silent.}
     *
     * @param number of the bar, from 0
     */
    public String line(long number) {
        Phrase phrase = analysis.exercise().phrase();
        Bar bar = phrase.bar(number);
        String said = String.format(
                Locale.ROOT, "Bar %s, %s", Counted.number(number + 1), bar.meter() + "(" + bar.grouping() + ")");
        String layers = analysis.layers().stream()
                .map(layer -> layer(layer, bar, phrase.startOf(number)))
                .collect(Collectors.joining("; "));
        boolean home = number > 0
                && analysis.together()
                        .result()
                        .filter(together -> number % together.bars() == 0)
                        .isPresent();
        return said + (home ? ", everything home" : "") + (layers.isEmpty() ? "." : ": " + layers + ".");
    }

    private static String layer(Analysis.OfLayer layer, Bar bar, NoteValue start) {
        if (layer.alignment().result().isEmpty()) {
            return layer.name() + " too long to count";
        }
        Alignment alignment = layer.alignment().result().get();
        List<Hit> hits = alignment.timeline().between(start, start.plus(bar.length()), MAX_HITS + 1);
        if (hits.isEmpty()) {
            return layer.name() + " silent";
        }
        String places = hits.stream()
                .limit(MAX_HITS)
                .map(hit -> new CountPosition(bar.meter(), hit.at().minus(start)).toString())
                .collect(Collectors.joining(", "));
        boolean lands = hits.get(0).startsCycle() && hits.get(0).at().equals(start);
        return layer.name() + " on " + places + (hits.size() > MAX_HITS ? " and more" : "")
                + (lands ? ", landing" : "");
    }
}
