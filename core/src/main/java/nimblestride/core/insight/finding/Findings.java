package nimblestride.core.insight.finding;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import nimblestride.core.exercise.analysis.Analysis;
import nimblestride.core.insight.fact.PhraseFact;
import nimblestride.core.time.value.NoteValue;

/** Collects the findings of an exercise; what does not add up comes first. */
public final class Findings {
    private Findings() {}

    /** Returns every finding, by category. */
    public static List<Finding> of(Analysis analysis) {
        List<Finding> findings = new ArrayList<>(LayerFindings.of(analysis));
        findings.add(Finding.at(
                -1, NoteValue.ZERO, new PhraseFact(analysis.exercise().phrase())));
        findings.addAll(CrossingFindings.of(analysis));
        findings.addAll(MeetingFindings.of(analysis));
        findings.addAll(LayerChecks.of(analysis.exercise()));
        findings.addAll(SectionFindings.of(analysis.exercise()));
        findings.addAll(HandFindings.of(analysis));
        findings.sort(Comparator.comparing(Finding::category));
        return List.copyOf(findings);
    }
}
