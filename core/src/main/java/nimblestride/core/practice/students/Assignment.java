package nimblestride.core.practice.students;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.foundation.words.Counted;
import nimblestride.core.foundation.words.PlainText;
import nimblestride.core.time.value.Tempo;

/**
 * Something a student is to do.
 *
 * @param exercise of the Book; empty if it is none
 * @param what its name, from 1 to {@value Student#MAX_NAME_LENGTH} characters
 * @param note how to do it, at most {@value Student#MAX_NOTE_LENGTH} characters
 * @param tempo to play it at; empty for the exercise's own
 * @param done when it was done; empty if it is not
 */
public record Assignment(
        UUID id,
        UUID student,
        Optional<UUID> exercise,
        String what,
        LocalDate set,
        Optional<LocalDate> due,
        String note,
        Optional<Tempo> tempo,
        Optional<LocalDate> done) {
    /**
     * @throws nimblestride.core.foundation.failure.InvalidValueException if a text is too long, or the name is blank
     */
    public Assignment {
        what = PlainText.name("the assignment", what, Student.MAX_NAME_LENGTH);
        if (note.length() > Student.MAX_NOTE_LENGTH) {
            throw new InvalidValueException(String.format(
                    Locale.ROOT, "a note holds up to %,d characters, not %,d", Student.MAX_NOTE_LENGTH, note.length()));
        }
        if (due.isPresent() && due.get().isBefore(set)) {
            throw new InvalidValueException("set a due date on or after " + set + ", not " + due.get());
        }
    }

    /** Returns the assignment as done on a day. */
    public Assignment doneOn(LocalDate day) {
        return new Assignment(id, student, exercise, what, set, due, note, tempo, Optional.of(day));
    }

    /** Returns the assignment as not done. */
    public Assignment reopened() {
        return new Assignment(id, student, exercise, what, set, due, note, tempo, Optional.empty());
    }

    /**
     * Returns the assignment with another due day.
     *
     * @throws InvalidValueException if the day is before the one it was set
     */
    public Assignment dueOn(LocalDate day) {
        return new Assignment(id, student, exercise, what, set, Optional.of(day), note, tempo, done);
    }

    /** Returns where it stands on a day: {@code done}, {@code due in 3 days}, {@code 2 days overdue}. */
    public String stateOn(LocalDate today) {
        if (done.isPresent()) {
            return "done";
        }
        if (due.isEmpty()) {
            return "open";
        }
        long days = today.until(due.get(), ChronoUnit.DAYS);
        return days < 0
                ? Counted.count(-days, "day") + " overdue"
                : days == 0 ? "due today" : "due in " + Counted.count(days, "day");
    }
}
