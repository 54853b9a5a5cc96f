package nimblestride.core.practice.students;

import java.time.LocalDate;
import java.util.Locale;
import java.util.UUID;
import nimblestride.core.foundation.failure.InvalidValueException;

/**
 * A lesson of a student.
 *
 * @param notes what was done in it, at most {@value Student#MAX_NOTE_LENGTH} characters
 * @param next what is to come, at most {@value Student#MAX_NOTE_LENGTH} characters
 */
public record Lesson(UUID id, UUID student, LocalDate day, String notes, String next) {
    public Lesson {
        if (notes.length() > Student.MAX_NOTE_LENGTH || next.length() > Student.MAX_NOTE_LENGTH) {
            throw new InvalidValueException(String.format(
                    Locale.ROOT, "the notes of a lesson have at most %,d characters", Student.MAX_NOTE_LENGTH));
        }
    }
}
