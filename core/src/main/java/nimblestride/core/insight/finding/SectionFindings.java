package nimblestride.core.insight.finding;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import nimblestride.core.exercise.analysis.Playthrough;
import nimblestride.core.exercise.edit.SectionEdits;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.insight.fact.Remedy;
import nimblestride.core.insight.fact.SectionFact;
import nimblestride.core.insight.finding.Finding.Fix;
import nimblestride.core.layer.modulation.Pivot;
import nimblestride.core.time.value.Tempo;

/** Finds how sections follow each other, and where one comes back at another tempo. */
final class SectionFindings {
    private final Exercise exercise;
    private final List<Tempo> tempos;
    private final List<Finding> findings = new ArrayList<>();

    private SectionFindings(Exercise exercise) {
        this.exercise = exercise;
        this.tempos = exercise.chain().tempos();
    }

    static List<Finding> of(Exercise exercise) {
        SectionFindings sections = new SectionFindings(exercise);
        if (exercise.hasSections()) {
            sections.findDrift();
            sections.findOrder();
        }
        return sections.findings;
    }

    /** Finds a chain that has drifted, where a section comes back faster or slower than before. */
    private void findDrift() {
        Map<Integer, Integer> first = new HashMap<>();
        for (int i = 0; i < tempos.size(); i++) {
            Integer known = first.putIfAbsent(exercise.sections().get(i).content(), i);
            if (known == null || tempos.get(known).equals(tempos.get(i))) {
                continue;
            }
            Pivot home = Pivot.toward(
                    tempos.get(i - 1), tempos.get(known), exercise.chain().pivots());
            SectionFact fact = new SectionFact.Drifted(
                    name(i), tempos.get(known).perMinute(), tempos.get(i).perMinute(), known, i);
            findings.add(new Finding(fact, Optional.empty(), entering(i, home)));
            return;
        }
    }

    private Optional<Fix> entering(int section, Pivot home) {
        try {
            return Optional.of(new Fix(new Remedy.Enter(home), SectionEdits.withPivot(exercise, section, home)));
        } catch (StrideException e) {
            // A tempo after it could then not be played.
            return Optional.empty();
        }
    }

    private String name(int section) {
        return exercise.contents()
                .get(exercise.sections().get(section).content())
                .name();
    }

    private void findOrder() {
        Playthrough whole = Playthrough.of(exercise);
        List<SectionFact.Turn> turns = IntStream.range(0, tempos.size())
                .mapToObj(i -> new SectionFact.Turn(name(i), tempos.get(i).perMinute()))
                .toList();
        List<Pivot> wayBack = exercise.chain().wayBack();
        long bars =
                whole.passages().stream().mapToLong(Playthrough.Passage::bars).sum();
        findings.add(Finding.of(new SectionFact.Order(turns, wayBack, bars, whole.seconds())));
    }
}
