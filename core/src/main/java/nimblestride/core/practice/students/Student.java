package nimblestride.core.practice.students;

import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.TreeSet;
import java.util.UUID;
import java.util.regex.Pattern;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.foundation.words.PlainText;

/**
 * A student.
 *
 * @param name from 1 to {@value #MAX_NAME_LENGTH} characters
 * @param note what the teacher wants to remember, at most {@value #MAX_NOTE_LENGTH} characters
 * @param lessons when the weekly lesson is; empty where none is agreed
 * @param groups the classes and groups the student belongs to, at most {@value #MAX_GROUPS}, in order
 */
public record Student(UUID id, String name, String note, Optional<LessonTime> lessons, List<String> groups) {
    /** The most characters in a name. */
    public static final int MAX_NAME_LENGTH = 200;
    /** The most characters in a note. */
    public static final int MAX_NOTE_LENGTH = 10_000;
    /** The most groups a student belongs to. */
    public static final int MAX_GROUPS = 20;

    private static final Pattern COMMA = Pattern.compile(",");

    /** @throws InvalidValueException if a name is blank, a text is too long, or there are too many groups */
    public Student {
        name = PlainText.name("a student", name, MAX_NAME_LENGTH);
        if (note.length() > MAX_NOTE_LENGTH) {
            throw new InvalidValueException(String.format(
                    Locale.ROOT, "a note holds up to %,d characters, not %,d", MAX_NOTE_LENGTH, note.length()));
        }
        groups = tidy(groups);
        if (groups.size() > MAX_GROUPS) {
            throw new InvalidValueException("a student can be in up to " + MAX_GROUPS + " groups");
        }
    }

    /**
     * Makes a student without a lesson time or a group.
     *
     * @throws InvalidValueException if the name is blank, or a text is too long
     */
    public Student(UUID id, String name, String note) {
        this(id, name, note, Optional.empty(), List.of());
    }

    private static List<String> tidy(Collection<String> groups) {
        TreeSet<String> each = new TreeSet<>(String.CASE_INSENSITIVE_ORDER);
        for (String group : groups) {
            each.add(PlainText.name("a group", group, MAX_NAME_LENGTH));
        }
        return List.copyOf(each);
    }

    /** Reads names of groups with commas between them. */
    public static List<String> groups(String text) {
        return COMMA.splitAsStream(text)
                .map(String::strip)
                .filter(group -> !group.isEmpty())
                .toList();
    }

    /** Returns the student with another note. */
    public Student withNote(String newNote) {
        return new Student(id, name, newNote, lessons, groups);
    }

    /** Returns the student with another name. */
    public Student withName(String newName) {
        return new Student(id, newName, note, lessons, groups);
    }

    /** Returns the student with lessons at another time. */
    public Student withLessons(LessonTime newLessons) {
        return new Student(id, name, note, Optional.of(newLessons), groups);
    }

    /** Returns the student without a lesson time. */
    public Student withoutLessons() {
        return new Student(id, name, note, Optional.empty(), groups);
    }

    /** Returns the student in other groups. */
    public Student inGroups(List<String> newGroups) {
        return new Student(id, name, note, lessons, newGroups);
    }

    /** Returns whether the student belongs to a group, in capitals or not. */
    public boolean isIn(String group) {
        return groups.stream().anyMatch(group::equalsIgnoreCase);
    }
}
