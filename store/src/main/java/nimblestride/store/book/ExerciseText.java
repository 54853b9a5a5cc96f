package nimblestride.store.book;

import nimblestride.core.exercise.Exercise;
import nimblestride.core.failure.StrideException;

/** The text as which exercises are kept. */
public interface ExerciseText {
    String write(Exercise exercise);

    /** @throws StrideException if the text is no exercise */
    Exercise read(String text);
}
