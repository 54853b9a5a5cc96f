package nimblestride.desktop.workspace.history;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.words.Capitalized;
import nimblestride.core.foundation.words.SpokenDate;
import nimblestride.core.language.difference.Differences;
import nimblestride.store.book.Book;
import nimblestride.store.book.ExerciseState;

/**
 * An earlier state of an exercise, read and described.
 *
 * @param title when it was made, and its name
 * @param changed what changed in it
 */
record PastState(Exercise exercise, String title, String changed) {
    /** The most states that are listed; the newest come first. */
    static final int MAX_LISTED = 300;

    /** Reads the earlier states of an exercise, newest first. */
    static List<PastState> of(Book book, UUID id, LocalDate today) {
        List<ExerciseState> states = book.history().of(id);
        List<ExerciseState> listed = states.subList(0, Math.min(MAX_LISTED, states.size()));
        List<Exercise> exercises = listed.stream().map(book.history()::read).toList();
        List<PastState> described = new ArrayList<>();
        for (int i = 0; i < listed.size(); i++) {
            String changed = i + 1 < exercises.size()
                    ? sentence(Differences.line(exercises.get(i + 1), exercises.get(i)), "Nothing changed.")
                    : "The first state on record.";
            described.add(new PastState(exercises.get(i), title(listed.get(i), today), changed));
        }
        return described;
    }

    static String sentence(String line, String ifEmpty) {
        return line.isEmpty() ? ifEmpty : Capitalized.of(line) + ".";
    }

    private static String title(ExerciseState state, LocalDate today) {
        String when = when(state.at(), today);
        return state.name().isEmpty() ? when : state.name() + " · " + when;
    }

    /** Returns it for use within a sentence: {@code today at 4:30 PM}, {@code on Tuesday, November 3 at 4:30 PM}. */
    static String within(LocalDateTime at, LocalDate today) {
        String when = when(at, today);
        return when.startsWith("Today") || when.startsWith("Yesterday")
                ? when.substring(0, 1).toLowerCase(Locale.ROOT) + when.substring(1)
                : "on " + when;
    }

    /** Returns {@code Today at 4:30 PM}, {@code Tuesday, November 3 at 4:30 PM}, {@code March 3, 2025 at 4:30 PM}. */
    static String when(LocalDateTime at, LocalDate today) {
        LocalDate day = at.toLocalDate();
        String named = day.equals(today)
                ? "Today"
                : day.equals(today.minusDays(1)) ? "Yesterday" : SpokenDate.whole(day, today);
        return named + " at " + SpokenDate.clock(at);
    }
}
