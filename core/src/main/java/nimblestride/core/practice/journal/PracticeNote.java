package nimblestride.core.practice.journal;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import nimblestride.core.exercise.plan.RepRating;
import nimblestride.core.time.value.Tempo;

/**
 * What somebody types about their practice.
 *
 * @param what exercise; empty for the open one
 * @param day empty for today
 * @param hard counts that were hard
 */
public record PracticeNote(
        Optional<String> what,
        Optional<LocalDate> day,
        int seconds,
        Optional<Tempo> tempo,
        Optional<RepRating> rating,
        String words,
        List<String> hard) {
    public PracticeNote {
        hard = List.copyOf(hard);
    }

    /** Returns the note without exercise and day, where they stand elsewhere. */
    public PracticeNote unnamed() {
        return new PracticeNote(Optional.empty(), Optional.empty(), seconds, tempo, rating, words, hard);
    }
}
