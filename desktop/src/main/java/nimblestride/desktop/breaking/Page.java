package nimblestride.desktop.breaking;

import nimblestride.core.exercise.Exercise;

/** One question that the Break bench answers. */
interface Page extends AutoCloseable {
    /** Answers for the exercise as it is now. */
    void show(Exercise exercise);

    @Override
    default void close() {}
}
