package nimblestride.core.practice.journal;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import java.util.UUID;

/**
 * What the log says of one exercise.
 *
 * @param added when it came into the Book
 * @param last when it was last practiced; empty for never
 * @param seconds altogether
 * @param passes how many reps
 * @param notClean how many of the last reps were not clean
 */
public record PracticeSummary(
        UUID exercise,
        String name,
        LocalDate added,
        Optional<LocalDate> last,
        long seconds,
        long passes,
        int notClean) {
    /** How many of the last reps count as recent. */
    public static final int LAST_PASSES = 6;

    /** Returns how many days it has not been practiced, up to a day. */
    public long daysLeftLying(LocalDate today) {
        return Math.max(0, last.orElse(added).until(today, ChronoUnit.DAYS));
    }
}
