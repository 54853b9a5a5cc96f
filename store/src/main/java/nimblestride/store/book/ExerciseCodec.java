package nimblestride.store.book;

import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;

/** Writes and reads the text an exercise is stored as. */
public interface ExerciseCodec {
    String write(Exercise exercise);

    /**
     * Reads an exercise.
     *
     * @throws StrideException if the text is no exercise
     */
    Exercise read(String text);
}
