package nimblestride.terminal;

import java.util.List;
import java.util.Optional;
import nimblestride.core.exercise.analysis.Analysis;
import nimblestride.core.insight.finding.Finding;
import nimblestride.core.layer.modulation.ModulationChain;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.time.partition.FitResult;

/**
 * What a report says of an exercise.
 *
 * @param part the layers of the part asked for; none without one
 * @param fits ways to fill a length with cells; empty unless asked for
 * @param chain the modulations asked for, one after the other; empty without any
 */
record Report(
        Analysis analysis,
        List<Finding> findings,
        List<Layer> part,
        Optional<FitResult> fits,
        Optional<ModulationChain> chain) {
    Report {
        findings = List.copyOf(findings);
        part = List.copyOf(part);
    }
}
