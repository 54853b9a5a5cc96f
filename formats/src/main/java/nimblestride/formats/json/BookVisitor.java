package nimblestride.formats.json;

import java.util.List;
import java.util.Set;
import java.util.UUID;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.practice.journal.LogEntry;
import nimblestride.core.practice.students.Assignment;
import nimblestride.core.practice.students.Lesson;
import nimblestride.core.practice.students.Student;

/** Visits everything in a Book, kind after kind in this order. */
public interface BookVisitor {
    void exercise(UUID id, Exercise exercise, Set<String> tags);

    void collection(String name, List<UUID> exercises);

    void student(Student student);

    void assignment(Assignment assignment);

    void lesson(Lesson lesson);

    void entry(LogEntry entry);
}
