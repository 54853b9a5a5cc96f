package nimblestride.core.setup;

import java.util.List;
import nimblestride.core.exercise.Exercise;
import nimblestride.core.exercise.Feel;
import nimblestride.core.exercise.Section;
import nimblestride.core.exercise.Sectioning;
import nimblestride.core.failure.InvalidValueException;
import nimblestride.core.layer.Layer;
import nimblestride.core.meter.Phrase;
import nimblestride.core.modulation.Pivot;

/** Sections that follow the feel in hand. */
public final class ThereAndBack {
    private ThereAndBack() {}

    /**
     * A new feel after the one in hand, with a plain beat to begin with; it is taken in hand.
     *
     * @throws InvalidValueException if its tempo cannot be played, or there are too many sections
     */
    public static Exercise there(Exercise exercise, Pivot pivot, Phrase newBars) {
        return there(exercise, pivot, newBars, PlainBeat.over(newBars));
    }

    /** The same with these layers. */
    public static Exercise there(Exercise exercise, Pivot pivot, Phrase newBars, List<Layer> layers) {
        Feel feel = new Feel(Sectioning.nextName(exercise), newBars, layers);
        Exercise longer = Sectioning.plus(exercise, exercise.firstSection() + 1, feel, 1, pivot);
        return longer.turnedTo(longer.feels().indexOf(feel));
    }

    /** The first section once more after the feel in hand, at the tempo it had. */
    public static Exercise back(Exercise exercise) {
        Section first = exercise.sections().get(0);
        Pivot home = Pivot.toward(
                exercise.tempo(), exercise.start(), exercise.chain().pivots());
        return Sectioning.again(exercise, exercise.firstSection() + 1, first.feel(), first.rounds(), home);
    }
}
