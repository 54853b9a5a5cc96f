package nimblestride.store.book;

import java.io.IOException;
import nimblestride.core.exercise.Exercise;

/** The text as which exercises are kept. */
public interface ExerciseText {
    String write(Exercise exercise);

    /** @throws IOException if the text is no exercise */
    Exercise read(String text) throws IOException;
}
