package nimblestride.core.practice.journal;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import nimblestride.core.exercise.plan.RepRating;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.foundation.words.PlainText;
import nimblestride.core.time.value.Tempo;

/**
 * Something that was practiced.
 *
 * @param id its own, wherever it goes, so that it is never counted twice
 * @param exercise of the Book; empty if it is none
 * @param what its name at the time, from 1 to {@value #MAX_NAME_LENGTH} characters
 * @param when it started, in local time
 * @param seconds how long, from 0 to {@value #MAX_SECONDS}
 * @param tempo how fast; empty if it has none
 * @param words at most {@value #MAX_WORDS_LENGTH} characters
 * @param hard counts that were hard, such as {@code 4& of bar 2}, without commas, colons, and semicolons; at most
 *     {@value #MAX_HARD}
 * @param student who practiced; empty for the user
 */
public record LogEntry(
        UUID id,
        Optional<UUID> exercise,
        String what,
        LocalDateTime when,
        int seconds,
        Optional<Tempo> tempo,
        Optional<RepRating> rating,
        String words,
        List<String> hard,
        Optional<UUID> student) {
    /** The most characters in a name. */
    public static final int MAX_NAME_LENGTH = 200;
    /** The most characters in a comment. */
    public static final int MAX_WORDS_LENGTH = 2_000;
    /** The longest entry, in seconds. */
    public static final int MAX_SECONDS = 24 * 60 * 60;
    /** The most hard counts. */
    public static final int MAX_HARD = 20;

    private static final int MAX_PLACE_LENGTH = 80;

    /** @throws InvalidValueException if anything is out of range */
    public LogEntry {
        hard = List.copyOf(hard);
        what = PlainText.name("what you practiced", what, MAX_NAME_LENGTH);
        if (seconds < 0 || seconds > MAX_SECONDS) {
            throw new InvalidValueException("log up to 24 hours, not " + seconds + " s");
        }
        if (words.length() > MAX_WORDS_LENGTH) {
            throw new InvalidValueException(String.format(
                    Locale.ROOT, "a remark holds up to %,d characters, not %,d", MAX_WORDS_LENGTH, words.length()));
        }
        if (hard.size() > MAX_HARD || !hard.stream().allMatch(LogEntry::isPlace)) {
            throw new InvalidValueException("name up to " + MAX_HARD + " hard places, each with 1 to "
                    + MAX_PLACE_LENGTH + " characters, without , ; or :");
        }
    }

    private static boolean isPlace(String text) {
        return !text.isBlank() && text.length() <= MAX_PLACE_LENGTH && !text.matches(".*[,;:].*|.* and .*");
    }

    /** Returns the entry in another log. */
    public LogEntry ownedBy(LogOwner owner) {
        return new LogEntry(id, exercise, what, when, seconds, tempo, rating, words, hard, owner.student());
    }

    /** Returns the entry as one of another exercise of the Book. */
    public LogEntry about(UUID newExercise) {
        return new LogEntry(id, Optional.of(newExercise), what, when, seconds, tempo, rating, words, hard, student);
    }

    /** Returns the entry as one of no exercise of the Book. */
    public LogEntry withoutExercise() {
        return new LogEntry(id, Optional.empty(), what, when, seconds, tempo, rating, words, hard, student);
    }

    /** Returns the entry with another note. */
    public LogEntry saying(PracticeNote note) {
        return new LogEntry(
                id,
                exercise,
                note.what().orElse(what),
                note.day().map(day -> day.atTime(when.toLocalTime())).orElse(when),
                note.seconds(),
                note.tempo(),
                note.rating(),
                note.words(),
                note.hard(),
                student);
    }

    /** Returns the note of the entry. */
    public PracticeNote note() {
        return new PracticeNote(
                Optional.of(what), Optional.of(when.toLocalDate()), seconds, tempo, rating, words, hard);
    }
}
