package nimblestride.desktop.workspace.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import nimblestride.core.exercise.plan.Rep;
import nimblestride.core.practice.journal.LogEntry;
import nimblestride.core.practice.journal.LogOwner;
import nimblestride.core.time.value.NoteValue;
import nimblestride.store.book.Book;

/** Reads the user's own reps of an exercise from the log. */
final class RepHistory {
    private static final int MAX = 5_000;

    private RepHistory() {}

    /**
     * Returns the reps in the order they were logged.
     *
     * @param beat that counts their tempos
     */
    static List<Rep> of(Book book, UUID exercise, NoteValue beat) {
        List<Rep> passes = new ArrayList<>();
        for (LogEntry entry : book.log().ofExercise(LogOwner.USER, exercise, MAX)) {
            if (entry.tempo().isPresent() && entry.rating().isPresent()) {
                passes.add(new Rep(
                        entry.tempo().get().perMinuteIn(beat),
                        entry.rating().get(),
                        entry.when().toLocalDate()));
            }
        }
        return passes;
    }
}
