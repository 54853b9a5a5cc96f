package nimblestride.desktop.ui.page;

import nimblestride.core.exercise.model.Exercise;
import nimblestride.desktop.document.exercise.AnalyzedExercise;
import nimblestride.desktop.ui.look.Palette;

/** One page of a workspace. */
public interface Page extends AutoCloseable {
    /** Shows the exercise as it is now. */
    void show(Exercise exercise);

    /** Shows what follows from the exercise; for a moment after an edit, still from the one before. */
    default void show(AnalyzedExercise answer) {}

    default void setPalette(Palette palette) {}

    @Override
    default void close() {}
}
