package nimblestride.desktop.document.exercise;

import java.util.List;
import nimblestride.core.exercise.analysis.Analysis;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.insight.finding.Finding;
import nimblestride.core.insight.finding.Findings;
import nimblestride.core.layer.limbs.LimbAssignment;

/** An exercise and everything that follows from it: what every view draws from. */
public record AnalyzedExercise(Analysis analysis, List<Finding> findings) {
    /** The most bars of {@link #opening}. */
    public static final int OPENING_BARS = 64;

    /** Analyzes an exercise. */
    public static AnalyzedExercise of(Exercise exercise) {
        return of(Analysis.of(exercise));
    }

    /** Analyzes a changed exercise, with the same result as {@link #of}, and sooner where little changed. */
    public AnalyzedExercise after(Exercise changed) {
        return of(analysis.after(changed));
    }

    private static AnalyzedExercise of(Analysis analysis) {
        return new AnalyzedExercise(analysis, Findings.of(analysis));
    }

    /** Returns the exercise. */
    public Exercise exercise() {
        return analysis.exercise();
    }

    /**
     * Returns which limb plays what in the first bars of the phrase, at most {@value #OPENING_BARS}. Works it out each
     * time.
     */
    public LimbAssignment opening() {
        return analysis.hands(Math.min(OPENING_BARS, exercise().phrase().bars().size()));
    }
}
