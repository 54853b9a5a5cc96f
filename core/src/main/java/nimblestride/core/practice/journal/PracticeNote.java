package nimblestride.core.practice.journal;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import nimblestride.core.exercise.plan.RepRating;
import nimblestride.core.time.value.Tempo;

/**
 * What somebody says of their practising, as it is typed.
 *
 * @param what empty for what lies on the desk
 * @param day empty for today
 * @param hard the counts that were hard
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

    /** What was done, where it is told elsewhere of which exercise and on which day. */
    public PracticeNote unnamed() {
        return new PracticeNote(Optional.empty(), Optional.empty(), seconds, tempo, rating, words, hard);
    }
}
