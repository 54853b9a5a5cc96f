package nimblestride.core.exercise.leadin;

import java.util.List;
import nimblestride.core.exercise.edit.SectionEdits;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.exercise.model.Section;
import nimblestride.core.exercise.model.SectionContent;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.layer.modulation.Pivot;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.time.meter.Phrase;

/** Adds sections after the selected one: there, and back again. */
public final class ThereAndBack {
    private ThereAndBack() {}

    /**
     * Adds a new section after the selected one, with a plain beat, and selects it.
     *
     * @throws InvalidValueException if its tempo can't be played, or there are too many sections
     */
    public static Exercise there(Exercise exercise, Pivot pivot, Phrase newBars) {
        return there(exercise, pivot, newBars, PlainBeat.over(newBars));
    }

    /** Adds a new section with layers of its own. */
    public static Exercise there(Exercise exercise, Pivot pivot, Phrase newBars, List<Layer> layers) {
        SectionContent content = new SectionContent(SectionEdits.nextName(exercise), newBars, layers);
        Exercise longer = SectionEdits.add(exercise, exercise.firstSection() + 1, content, 1, pivot);
        return longer.withSelected(longer.contents().indexOf(content));
    }

    /** Adds the first section once more after the selected one, at the tempo it had. */
    public static Exercise back(Exercise exercise) {
        Section first = exercise.sections().get(0);
        Pivot home = Pivot.toward(
                exercise.tempo(), exercise.start(), exercise.chain().pivots());
        return SectionEdits.repeat(exercise, exercise.firstSection() + 1, first.content(), first.rounds(), home);
    }
}
