package nimblestride.core.insight.finding;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.words.Counted;
import nimblestride.core.insight.finding.Finding.Fix;
import nimblestride.core.insight.finding.Finding.Kind;
import nimblestride.core.kit.orchestration.OrchestrationRule;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.pattern.Pattern;
import nimblestride.core.time.meter.Phrase;

/** What does not come to anything in layers: notes on places that the bars do not have, rules that match no note. */
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
        LayerChecks slips = new LayerChecks(exercise);
        for (int i = 0; i < exercise.layers().size(); i++) {
            slips.tellLost(i, exercise.layers().get(i));
            slips.tellIdleMoves(i, exercise.layers().get(i));
        }
        return slips.findings;
    }

    /** Notes on places that the bars no longer have. */
    private void tellLost(int index, Layer layer) {
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
        add(
                "lost-places",
                names.get(index) + " has " + Counted.count(lost, "note")
                        + " on places that the bars do not have; " + (lost == 1 ? "it is" : "they are")
                        + " not played.",
                new Fix(lost == 1 ? "Take it off" : "Take them off", without));
    }

    private void tellIdleMoves(int index, Layer layer) {
        for (int i = 0; i < layer.orchestration().size(); i++) {
            OrchestrationRule move = layer.orchestration().get(i);
            if (move.moved(layer.pattern().strokes()) == 0) {
                List<OrchestrationRule> others = new ArrayList<>(layer.orchestration());
                others.remove(i);
                add(
                        "idle-rule",
                        names.get(index) + ": rule " + (i + 1) + ", to "
                                + move.to().get(0) + ", matches no note.",
                        new Fix("Leave it out", exercise.withLayer(index, layer.withOrchestration(others))));
            }
        }
    }

    private void add(String code, String sentence, Fix fix) {
        findings.add(new Finding(Kind.CHECK, code, sentence, "", Optional.empty(), Optional.of(fix)));
    }
}
