package nimblestride.desktop.pages;

import nimblestride.core.exercise.Exercise;

/** One page of a bench. */
public interface Page extends AutoCloseable {
    /** Shows the exercise as it is now. */
    void show(Exercise exercise);

    @Override
    default void close() {}
}
