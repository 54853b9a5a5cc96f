package nimblestride.core.insight.finding;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import nimblestride.core.exercise.analysis.Analysis;
import nimblestride.core.insight.fact.Category;

/** Collects the findings of an exercise, few and in the order a player asks; the rest wait behind More. */
public final class Findings {
    /** The most findings to show before More, besides checks. */
    private static final int MAX_BEFORE_MORE = 6;

    private Findings() {}

    /** Returns every finding: those to show at once, then those behind More, each by category. */
    public static List<Finding> of(Analysis analysis) {
        List<Finding> findings = new ArrayList<>(LayerChecks.of(analysis));
        findings.addAll(LengthFindings.of(analysis));
        findings.addAll(LayerFindings.of(analysis));
        findings.addAll(MeetingFindings.of(analysis));
        findings.addAll(SectionFindings.of(analysis.exercise()));
        findings.addAll(HandFindings.of(analysis));
        return few(findings);
    }

    /** Moves the last layers behind More where there are too many to read at a glance. */
    private static List<Finding> few(List<Finding> findings) {
        long others = findings.stream()
                .filter(finding -> !finding.isBehindMore() && finding.category() != Category.LAYER)
                .count();
        long room = Math.max(1, MAX_BEFORE_MORE - others);
        List<Finding> all = new ArrayList<>();
        for (Finding finding : findings) {
            boolean fits = finding.category() != Category.LAYER || room-- > 0;
            all.add(fits ? finding : finding.behindMore());
        }
        all.sort(Comparator.comparing(Finding::isBehindMore).thenComparing(Finding::category));
        return List.copyOf(all);
    }
}
