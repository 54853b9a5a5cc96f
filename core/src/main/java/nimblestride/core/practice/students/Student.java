package nimblestride.core.practice.students;

import java.util.Locale;
import java.util.UUID;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.foundation.words.PlainText;

/**
 * Somebody who is taught.
 *
 * @param name from 1 to {@value #LONGEST_NAME} characters
 * @param note what the teacher wants to remember, at most {@value #LONGEST_NOTE} characters
 */
public record Student(UUID id, String name, String note) {
    public static final int LONGEST_NAME = 200;
    public static final int LONGEST_NOTE = 10_000;

    public Student {
        name = PlainText.name("a student", name, LONGEST_NAME);
        if (note.length() > LONGEST_NOTE) {
            throw new InvalidValueException(String.format(
                    Locale.ROOT, "a note has at most %,d characters, not %,d", LONGEST_NOTE, note.length()));
        }
    }
}
