package nimblestride.store.book;

import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;

/** The text as which exercises are kept. */
public interface ExerciseCodec {
    String write(Exercise exercise);

    /** @throws StrideException if the text is no exercise */
    Exercise read(String text);
}
