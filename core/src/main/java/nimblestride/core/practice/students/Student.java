package nimblestride.core.practice.students;

import java.util.Locale;
import java.util.UUID;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.foundation.words.PlainText;

/**
 * A student.
 *
 * @param name from 1 to {@value #MAX_NAME_LENGTH} characters
 * @param note what the teacher wants to remember, at most {@value #MAX_NOTE_LENGTH} characters
 */
public record Student(UUID id, String name, String note) {
    /** The most characters in a name. */
    public static final int MAX_NAME_LENGTH = 200;
    /** The most characters in a note. */
    public static final int MAX_NOTE_LENGTH = 10_000;

    /** @throws InvalidValueException if the name is blank, or a text is too long */
    public Student {
        name = PlainText.name("a student", name, MAX_NAME_LENGTH);
        if (note.length() > MAX_NOTE_LENGTH) {
            throw new InvalidValueException(String.format(
                    Locale.ROOT, "a note holds up to %,d characters, not %,d", MAX_NOTE_LENGTH, note.length()));
        }
    }
}
