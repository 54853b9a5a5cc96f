package nimblestride.core.setup;

import nimblestride.core.exercise.Exercise;
import nimblestride.core.exercise.Feel;
import nimblestride.core.exercise.Sectioning;
import nimblestride.core.meter.Phrase;
import nimblestride.core.modulation.Pivot;

/** Sections put after those that are there. */
public final class ThereAndBack {
    private ThereAndBack() {}

    /** A new feel after the last section, with a plain beat to begin with; it is taken in hand. */
    public static Exercise there(Exercise exercise, Pivot pivot, Phrase newBars) {
        Feel feel = new Feel(Sectioning.nextName(exercise), newBars, PlainBeat.over(newBars));
        Exercise longer = Sectioning.plus(exercise, exercise.sections().size(), feel, 1, pivot);
        return longer.turnedTo(longer.feels().size() - 1);
    }

    /** The first section once more after the last, at the tempo it had. */
    public static Exercise back(Exercise exercise) {
        var first = exercise.sections().get(0);
        return Sectioning.again(
                exercise,
                exercise.sections().size(),
                first.feel(),
                first.rounds(),
                exercise.chain().isHome() ? Pivot.NONE : exercise.chain().wayBack());
    }
}
