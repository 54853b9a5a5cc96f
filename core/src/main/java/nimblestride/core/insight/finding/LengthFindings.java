package nimblestride.core.insight.finding;

import java.util.ArrayList;
import java.util.List;
import nimblestride.core.exercise.analysis.Analysis;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.insight.fact.MeetingFact;
import nimblestride.core.insight.fact.PhraseFact;
import nimblestride.core.time.value.NoteValue;

/** Finds the headline: when everything lines up again, or how long the bars are where nothing drifts against them. */
final class LengthFindings {
    private LengthFindings() {}

    static List<Finding> of(Analysis analysis) {
        Exercise exercise = analysis.exercise();
        List<Finding> findings = new ArrayList<>();
        analysis.together()
                .result()
                .filter(together -> together.phrases() > 1)
                .ifPresent(together -> findings.add(Finding.at(
                        -1,
                        together.length(),
                        new MeetingFact.Together(
                                exercise.phrase(),
                                together.bars(),
                                together.phrases(),
                                together.length(),
                                exercise.tempo().seconds(together.length())))));
        findings.add(Finding.at(
                -1,
                NoteValue.ZERO,
                new PhraseFact(
                        exercise.phrase(),
                        exercise.tempo().seconds(exercise.phrase().length()),
                        findings.isEmpty())));
        return findings;
    }
}
