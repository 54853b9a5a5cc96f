package nimblestride.desktop.document.exercise;

import java.util.List;
import nimblestride.core.exercise.analysis.Analysis;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.insight.finding.Finding;
import nimblestride.core.insight.finding.Findings;
import nimblestride.core.layer.limbs.LimbAssignment;

/** An exercise and all that follows from it: what every view draws from. */
public record AnalyzedExercise(Analysis analysis, List<Finding> findings) {
    public static final int OPENING_BARS = 64;

    public static AnalyzedExercise of(Exercise exercise) {
        return of(Analysis.of(exercise));
    }

    /** To an exercise that has been changed: the same as {@link #of}, and sooner where little has. */
    public AnalyzedExercise after(Exercise changed) {
        return of(analysis.after(changed));
    }

    private static AnalyzedExercise of(Analysis analysis) {
        return new AnalyzedExercise(analysis, Findings.of(analysis));
    }

    public Exercise exercise() {
        return analysis.exercise();
    }

    /** Who plays what in the first bars of the phrase, at most {@value #OPENING_BARS}: worked out anew each time. */
    public LimbAssignment opening() {
        return analysis.hands(Math.min(OPENING_BARS, exercise().phrase().bars().size()));
    }
}
