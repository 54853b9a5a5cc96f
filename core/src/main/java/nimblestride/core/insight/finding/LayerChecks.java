package nimblestride.core.insight.finding;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nimblestride.core.exercise.analysis.Analysis;
import nimblestride.core.exercise.analysis.Analysis.OfLayer;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.insight.fact.CheckFact;
import nimblestride.core.insight.fact.Remedy;
import nimblestride.core.insight.finding.Finding.Fix;
import nimblestride.core.kit.orchestration.OrchestrationRule;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.pattern.Pattern;
import nimblestride.core.layer.pattern.Placement;
import nimblestride.core.layer.pattern.Reset;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;

/** Finds what does not add up in layers: too large to count, never heard, notes on places the bars do not have, idle rules. */
final class LayerChecks {
    private final Exercise exercise;
    private final Phrase phrase;
    private final List<String> names;
    private final List<Finding> findings = new ArrayList<>();

    private LayerChecks(Analysis analysis) {
        this.exercise = analysis.exercise();
        this.phrase = exercise.phrase();
        this.names = exercise.layerNames();
    }

    static List<Finding> of(Analysis analysis) {
        LayerChecks checks = new LayerChecks(analysis);
        for (int i = 0; i < analysis.layers().size(); i++) {
            OfLayer ofLayer = analysis.layers().get(i);
            checks.findTooLarge(ofLayer);
            checks.findSilence(i, ofLayer);
            checks.findLostNotes(i, ofLayer.layer());
            checks.findIdleRules(i, ofLayer.layer());
        }
        return checks.findings;
    }

    private void findTooLarge(OfLayer ofLayer) {
        if (ofLayer.alignment().result().isEmpty()) {
            findings.add(Finding.of(new CheckFact.TooLarge(
                    ofLayer.name() + ": " + ofLayer.alignment().problem())));
        }
    }

    private void findSilence(int index, OfLayer ofLayer) {
        Layer layer = ofLayer.layer();
        if (layer.pattern() instanceof Pattern.Placed) {
            return;
        }
        ofLayer.timeline().filter(timeline -> timeline.hitsPerPeriod() == 0).ifPresent(timeline -> {
            NoteValue within = layer.offset().remainder(timeline.cycle());
            add(
                    new CheckFact.Silent(
                            names.get(index), layer.offset(), layer.reset().equals(Reset.PHRASE), phrase),
                    new Fix(new Remedy.Start(within), exercise.withLayer(index, layer.withOffset(within))));
        });
    }

    /** Notes on places that the bars no longer have. */
    private void findLostNotes(int index, Layer layer) {
        if (!(layer.pattern() instanceof Pattern.Placed placed)) {
            return;
        }
        List<Placement> notes = placed.lost(phrase);
        int lost = notes.size();
        if (lost == 0) {
            return;
        }
        Exercise without = lost == placed.placements().size()
                ? exercise.withoutLayer(index)
                : exercise.withLayer(
                        index,
                        layer.withPattern(placed.with(placed.placements().stream()
                                .filter(one -> !notes.contains(one))
                                .toList())));
        add(new CheckFact.LostPlaces(names.get(index), lost), new Fix(new Remedy.RemoveNotes(lost), without));
    }

    private void findIdleRules(int index, Layer layer) {
        for (int i = 0; i < layer.orchestration().size(); i++) {
            OrchestrationRule move = layer.orchestration().get(i);
            if (move.moved(layer.pattern().strokes()) == 0) {
                List<OrchestrationRule> others = new ArrayList<>(layer.orchestration());
                others.remove(i);
                add(
                        new CheckFact.IdleRule(
                                names.get(index), i + 1, move.to().get(0)),
                        new Fix(new Remedy.RemoveRule(), exercise.withLayer(index, layer.withOrchestration(others))));
            }
        }
    }

    private void add(CheckFact fact, Fix fix) {
        findings.add(new Finding(fact, Optional.empty(), Optional.of(fix)));
    }
}
