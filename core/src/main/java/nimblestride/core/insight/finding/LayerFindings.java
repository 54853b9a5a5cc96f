package nimblestride.core.insight.finding;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nimblestride.core.exercise.analysis.Analysis;
import nimblestride.core.exercise.analysis.Analysis.OfLayer;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.insight.fact.CheckFact;
import nimblestride.core.insight.fact.CycleLength;
import nimblestride.core.insight.fact.LayerFact;
import nimblestride.core.insight.fact.Remedy;
import nimblestride.core.insight.finding.Finding.Fix;
import nimblestride.core.insight.finding.Finding.Place;
import nimblestride.core.layer.alignment.Alignment;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.pattern.Pattern;
import nimblestride.core.layer.pattern.Reset;
import nimblestride.core.layer.timeline.LayerTimeline;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;

/** Finds when each layer realigns, where it lands, and what a reset cuts off. */
final class LayerFindings {
    private final Exercise exercise;
    private final Phrase phrase;
    private final List<Finding> findings = new ArrayList<>();

    private LayerFindings(Exercise exercise) {
        this.exercise = exercise;
        this.phrase = exercise.phrase();
    }

    static List<Finding> of(Analysis analysis) {
        LayerFindings all = new LayerFindings(analysis.exercise());
        for (int i = 0; i < analysis.layers().size(); i++) {
            OfLayer ofLayer = analysis.layers().get(i);
            // Notes put on counts repeat with the phrase, which goes without saying.
            if (!(ofLayer.layer().pattern() instanceof Pattern.Placed)) {
                all.find(i, ofLayer);
            }
        }
        return all.findings;
    }

    /** Returns what a layer repeats. */
    static CycleLength cycle(Layer layer, LayerTimeline timeline) {
        return new CycleLength(layer.pattern(), timeline.hasEvenCycles(), timeline.cycle());
    }

    private void find(int index, OfLayer ofLayer) {
        Optional<Alignment> found = ofLayer.alignment().result();
        if (found.isEmpty()) {
            findings.add(Finding.of(new CheckFact.TooLarge(ofLayer.alignment().problem())));
            return;
        }
        Alignment alignment = found.get();
        if (alignment.timeline().hitsPerPeriod() == 0) {
            findSilence(index, ofLayer, alignment);
            return;
        }
        if (ofLayer.layer().reset().equals(Reset.NEVER)) {
            findReturn(index, ofLayer, alignment);
        } else {
            findings.add(Finding.at(
                    index,
                    NoteValue.ZERO,
                    new LayerFact.Resets(
                            ofLayer.name(),
                            cycle(ofLayer.layer(), alignment.timeline()),
                            ofLayer.layer().reset(),
                            alignment.timeline().remainder())));
        }
        findLandings(index, ofLayer, alignment);
    }

    private void findSilence(int index, OfLayer ofLayer, Alignment alignment) {
        Layer layer = ofLayer.layer();
        NoteValue within = layer.offset().remainder(alignment.timeline().cycle());
        findings.add(new Finding(
                new CheckFact.Silent(
                        ofLayer.name(), layer.offset(), layer.reset().equals(Reset.PHRASE)),
                Optional.empty(),
                Optional.of(start(index, layer, within))));
    }

    private Fix start(int index, Layer layer, NoteValue late) {
        return new Fix(new Remedy.Start(late), exercise.withLayer(index, layer.withOffset(late)));
    }

    private void findReturn(int index, OfLayer ofLayer, Alignment alignment) {
        LayerTimeline timeline = alignment.timeline();
        NoteValue start = timeline.grid().value(timeline.start());
        findings.add(Finding.at(
                index,
                start.plus(alignment.returnsAfter().length()),
                new LayerFact.Returns(
                        ofLayer.name(),
                        cycle(ofLayer.layer(), timeline),
                        start,
                        phrase,
                        alignment.returnsAfter(),
                        !landsOnlyAtHome(alignment))));
    }

    /** Returns whether bar 1 is the only landing. */
    private static boolean landsOnlyAtHome(Alignment alignment) {
        return alignment.landings().equals(List.of(0L));
    }

    private void findLandings(int index, OfLayer ofLayer, Alignment alignment) {
        Layer layer = ofLayer.layer();
        if (!alignment.lands()) {
            Optional<Fix> fix =
                    layer.offset().isZero() ? Optional.empty() : Optional.of(start(index, layer, NoteValue.ZERO));
            LayerFact fact = new LayerFact.NeverLands(
                    ofLayer.name(), alignment.timeline().cycle(), layer.offset());
            findings.add(new Finding(fact, Optional.empty(), fix));
            return;
        }
        long bars = alignment.returnsAfter().bars();
        if (landsOnlyAtHome(alignment) && bars > 1 && layer.reset().equals(Reset.NEVER)) {
            // The finding that it returns says so.
            return;
        }
        long first = alignment.firstLanding().getAsLong();
        findings.add(new Finding(
                new LayerFact.Lands(
                        ofLayer.name(), first, bars, alignment.landings(), lastLanding(ofLayer.layer(), alignment)),
                Optional.of(new Place(index, phrase.startOf(first))),
                Optional.empty()));
    }

    /** Finds why the last landing is one: the length before it holds a whole number of cycles. */
    private Optional<LayerFact.LastLanding> lastLanding(Layer layer, Alignment alignment) {
        List<Long> landings = alignment.landings();
        if (landings.isEmpty()) {
            return Optional.empty();
        }
        long bar = landings.get(landings.size() - 1);
        LayerTimeline timeline = alignment.timeline();
        NoteValue barStart = phrase.startOf(bar);
        NoteValue late = timeline.grid().value(timeline.start());
        if (!layer.reset().equals(Reset.NEVER) || !timeline.hasEvenCycles() || barStart.compareTo(late) <= 0) {
            return Optional.empty();
        }
        NoteValue run = barStart.minus(late);
        return run.isMultipleOf(timeline.cycle())
                ? Optional.of(new LayerFact.LastLanding(
                        bar, barStart, run.wholePartsOf(timeline.cycle()), cycle(layer, timeline), late))
                : Optional.empty();
    }
}
