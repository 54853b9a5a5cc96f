package nimblestride.core.insight.finding;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.insight.fact.CheckFact;
import nimblestride.core.insight.fact.Remedy;
import nimblestride.core.insight.finding.Finding.Fix;
import nimblestride.core.kit.orchestration.OrchestrationRule;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.pattern.Pattern;
import nimblestride.core.time.meter.Phrase;

/** Finds what comes to nothing in layers: notes on places the bars do not have, and rules that match no note. */
final class LayerChecks {
    private final Exercise exercise;
    private final Phrase phrase;
    private final List<String> names;
    private final List<Finding> findings = new ArrayList<>();

    private LayerChecks(Exercise exercise) {
        this.exercise = exercise;
        this.phrase = exercise.phrase();
        this.names = exercise.layerNames();
    }

    static List<Finding> of(Exercise exercise) {
        LayerChecks checks = new LayerChecks(exercise);
        for (int i = 0; i < exercise.layers().size(); i++) {
            checks.findLostNotes(i, exercise.layers().get(i));
            checks.findIdleRules(i, exercise.layers().get(i));
        }
        return checks.findings;
    }

    /** Notes on places that the bars no longer have. */
    private void findLostNotes(int index, Layer layer) {
        if (!(layer.pattern() instanceof Pattern.Placed placed)) {
            return;
        }
        long lost =
                placed.placements().stream().filter(one -> !one.isOn(phrase)).count();
        if (lost == 0) {
            return;
        }
        Exercise without = lost == placed.placements().size()
                ? exercise.withoutLayer(index)
                : exercise.withLayer(
                        index,
                        layer.withPattern(new Pattern.Placed(placed.placements().stream()
                                .filter(one -> one.isOn(phrase))
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
