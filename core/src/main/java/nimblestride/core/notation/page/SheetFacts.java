package nimblestride.core.notation.page;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import nimblestride.core.exercise.analysis.Analysis;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.words.Capitalized;
import nimblestride.core.insight.fact.Category;
import nimblestride.core.insight.fact.CrossingFact;
import nimblestride.core.insight.fact.Fact;
import nimblestride.core.insight.fact.LayerFact;
import nimblestride.core.insight.finding.Finding;
import nimblestride.core.insight.finding.Findings;
import nimblestride.core.insight.wording.Wording;

/**
 * Chooses what a sheet says of a piece, in at most three lines: how to count what crosses the bars, where it falls, and when it
 * all lines up.
 */
final class SheetFacts {
    private static final int MAX_LINES = 3;

    private SheetFacts() {}

    /**
     * Returns the lines.
     *
     * @param fits tests whether a text fits on one line
     */
    static List<String> of(Exercise exercise, Predicate<String> fits) {
        int contents = exercise.contents().size();
        if (contents > 1) {
            return IntStream.range(0, Math.min(MAX_LINES, contents))
                    .mapToObj(exercise::withSelected)
                    .map(content -> content.content().name() + ": "
                            + lowercase(headline(Findings.of(Analysis.of(content.selectedOnly())))))
                    .toList();
        }
        List<Finding> findings = Findings.of(Analysis.of(exercise));
        List<Finding> layers = findings.stream()
                .filter(finding -> finding.category() == Category.LAYER)
                .toList();
        List<String> lines = new ArrayList<>();
        for (Finding layer : layers.subList(0, Math.min(MAX_LINES - 1, layers.size()))) {
            String name = capital(((LayerFact) layer.fact()).layer()) + ": ";
            Optional<String> count = count(layer, name, fits);
            Optional<String> falls = layer.details().facts().stream()
                    .filter(CrossingFact.OnTheBeat.class::isInstance)
                    .map(fact -> name + lowercase(Wording.of(fact).sentence()))
                    .filter(fits)
                    .findFirst();
            if (layers.size() == 1) {
                count.ifPresent(lines::add);
                falls.ifPresent(lines::add);
            } else {
                falls.or(() -> count).ifPresent(lines::add);
            }
        }
        lines.add(headline(findings));
        return lines;
    }

    /** Returns how to count a layer, in as many bars as fit on a line. */
    private static Optional<String> count(Finding layer, String name, Predicate<String> fits) {
        return layer.details().facts().stream()
                .filter(LayerFact.Counts.class::isInstance)
                .map(LayerFact.Counts.class::cast)
                .flatMap(counts -> IntStream.iterate(counts.bars().size(), bars -> bars > 0, bars -> bars - 1)
                        .mapToObj(bars -> (Fact) new LayerFact.Counts(
                                counts.layer(), counts.bars().subList(0, bars), counts.phrase())))
                .map(fact -> name + lowercase(Wording.of(fact).sentence()))
                .filter(fits)
                .findFirst();
    }

    private static String headline(List<Finding> findings) {
        return findings.stream()
                .filter(finding -> finding.category() == Category.HEADLINE)
                .map(Finding::sentence)
                .findFirst()
                .orElse("");
    }

    private static String capital(String words) {
        return Capitalized.of(words);
    }

    private static String lowercase(String words) {
        return words.isEmpty() ? words : words.substring(0, 1).toLowerCase(Locale.ROOT) + words.substring(1);
    }
}
