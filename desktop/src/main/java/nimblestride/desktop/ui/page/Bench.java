package nimblestride.desktop.ui.page;

import nimblestride.core.exercise.model.Exercise;
import nimblestride.desktop.document.exercise.Answer;
import nimblestride.desktop.ui.look.Palette;

/** One of the benches below the Road. */
public interface Bench extends AutoCloseable {
    /** Shows the exercise as it is now. */
    void show(Exercise exercise);

    /** Shows what follows from the exercise. */
    void show(Answer answer);

    default void setPalette(Palette palette) {}

    @Override
    default void close() {}
}
