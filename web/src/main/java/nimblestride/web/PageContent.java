package nimblestride.web;

import java.util.Optional;
import java.util.UUID;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.time.counting.Counting;

/**
 * An exercise on a practice page.
 *
 * @param id of the exercise in the teacher's Book, for the log; empty for none
 * @param counting of the count
 * @param toDo what to do, in the teacher's words; blank for nothing
 */
public record PageContent(Exercise exercise, Optional<UUID> id, Counting counting, String toDo) {
    /** Returns an exercise that nobody says anything about. */
    public static PageContent of(Exercise exercise) {
        return new PageContent(exercise, Optional.empty(), Counting.DEFAULT, "");
    }

    /** Returns the exercise with something to do. */
    public PageContent withToDo(String newToDo) {
        return new PageContent(exercise, id, counting, newToDo);
    }
}
