package nimblestride.core.practice.students;

import java.time.LocalDate;
import java.util.Locale;
import java.util.UUID;
import nimblestride.core.foundation.failure.InvalidValueException;

/**
 * A student's lesson.
 *
 * @param notes what was done, at most {@value Student#MAX_NOTE_LENGTH} characters
 * @param next what comes next, at most {@value Student#MAX_NOTE_LENGTH} characters
 */
public record Lesson(UUID id, UUID student, LocalDate day, String notes, String next) {
    /** @throws nimblestride.core.foundation.failure.InvalidValueException if a text is too long */
    public Lesson {
        if (notes.length() > Student.MAX_NOTE_LENGTH || next.length() > Student.MAX_NOTE_LENGTH) {
            throw new InvalidValueException(
                    String.format(Locale.ROOT, "lesson notes hold up to %,d characters", Student.MAX_NOTE_LENGTH));
        }
    }
}
