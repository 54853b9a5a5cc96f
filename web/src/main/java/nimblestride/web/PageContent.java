package nimblestride.web;

import java.util.Optional;
import java.util.UUID;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.time.counting.Counting;

/**
 * What is on a practice page.
 *
 * @param id of the exercise in the teacher's Book, for the log; empty for none
 * @param counting of the count
 * @param student whose page it is; blank for anybody's
 * @param toDo what to do, in the teacher's words; blank for nothing
 */
public record PageContent(Exercise exercise, Optional<UUID> id, Counting counting, String student, String toDo) {
    /** Returns the page of an exercise for anybody. */
    public static PageContent of(Exercise exercise) {
        return new PageContent(exercise, Optional.empty(), Counting.DEFAULT, "", "");
    }

    /** Returns the page for a student. */
    public PageContent forStudent(String name, String newToDo) {
        return new PageContent(exercise, id, counting, name, newToDo);
    }

    /** Returns the page with another count. */
    public PageContent counted(Counting newCounting) {
        return new PageContent(exercise, id, newCounting, student, toDo);
    }
}
