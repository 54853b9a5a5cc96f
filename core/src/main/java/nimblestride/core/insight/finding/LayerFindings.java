package nimblestride.core.insight.finding;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import nimblestride.core.exercise.analysis.Analysis;
import nimblestride.core.exercise.analysis.Analysis.OfLayer;
import nimblestride.core.foundation.exact.ExactMath;
import nimblestride.core.foundation.exact.ExactOverflowException;
import nimblestride.core.foundation.words.Counted;
import nimblestride.core.insight.fact.CycleLength;
import nimblestride.core.insight.fact.LayerFact;
import nimblestride.core.insight.fact.Remedy;
import nimblestride.core.insight.finding.Finding.BarLink;
import nimblestride.core.insight.finding.Finding.Fix;
import nimblestride.core.insight.finding.Finding.Place;
import nimblestride.core.insight.wording.FindingWords;
import nimblestride.core.layer.alignment.Alignment;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.timeline.LayerTimeline;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;

/** Finds one line for each layer that runs over the bars: its cycle, its hits, and the bars where it is on the 1. */
final class LayerFindings {
    private final Analysis analysis;
    private final Phrase phrase;

    private LayerFindings(Analysis analysis) {
        this.analysis = analysis;
        this.phrase = analysis.exercise().phrase();
    }

    static List<Finding> of(Analysis analysis) {
        LayerFindings all = new LayerFindings(analysis);
        List<Finding> findings = new ArrayList<>();
        for (int i = 0; i < analysis.layers().size(); i++) {
            all.find(i).ifPresent(findings::add);
        }
        return findings;
    }

    /** Returns nothing for notes put on counts: they repeat with the phrase, which goes without saying. */
    private Optional<Finding> find(int index) {
        OfLayer ofLayer = analysis.layers().get(index);
        Layer layer = ofLayer.layer();
        return ofLayer.alignment()
                .result()
                .filter(alignment ->
                        !layer.pattern().isOnPhrase() && alignment.timeline().hitsPerPeriod() > 0)
                .map(alignment -> {
                    Details details = Details.foundBy(() -> new LayerDetails(analysis, index, alignment).find());
                    return new Finding(
                                    overview(ofLayer, alignment),
                                    Optional.of(new Place(index, firstPlace(alignment))),
                                    startOnTheOne(index, layer, alignment))
                            .with(details, links(index, alignment));
                });
    }

    /** Returns what a layer repeats. */
    static CycleLength cycle(Layer layer, LayerTimeline timeline) {
        return new CycleLength(layer.pattern(), timeline.hasEvenCycles(), timeline.cycle());
    }

    private LayerFact overview(OfLayer ofLayer, Alignment alignment) {
        Layer layer = ofLayer.layer();
        LayerTimeline timeline = alignment.timeline();
        return new LayerFact.Overview(
                ofLayer.name(),
                cycle(layer, timeline),
                timeline.grid().value(timeline.start()),
                layer.reset(),
                timeline.remainder(),
                phrase,
                alignment.returnsAfter(),
                hits(alignment),
                alignment.landings(),
                alignment.firstLanding());
    }

    private static OptionalLong hits(Alignment alignment) {
        LayerTimeline timeline = alignment.timeline();
        long periods =
                alignment.returnsAfter().length().wholePartsOf(timeline.grid().value(timeline.period()));
        try {
            return OptionalLong.of(ExactMath.multiply(periods, timeline.hitsPerPeriod()));
        } catch (ExactOverflowException e) {
            // Then the line says the cycle without its hits.
            return OptionalLong.empty();
        }
    }

    private NoteValue firstPlace(Alignment alignment) {
        return alignment.firstLanding().isPresent()
                ? phrase.startOf(alignment.firstLanding().getAsLong())
                : alignment.timeline().grid().value(alignment.timeline().start());
    }

    private Optional<Fix> startOnTheOne(int index, Layer layer, Alignment alignment) {
        return alignment.lands() || layer.offset().isZero()
                ? Optional.empty()
                : Optional.of(new Fix(
                        new Remedy.Start(NoteValue.ZERO),
                        analysis.exercise().withLayer(index, layer.withOffset(NoteValue.ZERO))));
    }

    private List<BarLink> links(int index, Alignment alignment) {
        return alignment.landings().stream()
                .limit(FindingWords.MAX_BARS_LISTED)
                .map(bar -> new BarLink(Counted.number(bar + 1), new Place(index, phrase.startOf(bar))))
                .toList();
    }
}
