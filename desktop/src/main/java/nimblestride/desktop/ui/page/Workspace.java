package nimblestride.desktop.ui.page;

import nimblestride.core.exercise.model.Exercise;
import nimblestride.desktop.document.exercise.AnalyzedExercise;
import nimblestride.desktop.ui.look.Palette;

/** One of the workspaces below the Road. */
public interface Workspace extends AutoCloseable {
    /** Shows the exercise as it is now. */
    void show(Exercise exercise);

    /** Shows what follows from the exercise. */
    void show(AnalyzedExercise answer);

    default void setPalette(Palette palette) {}

    @Override
    default void close() {}
}
