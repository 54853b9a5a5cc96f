package nimblestride.core.practice.journal;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import java.util.UUID;

/**
 * What the log says of one exercise.
 *
 * @param added when it came into the Book
 * @param last when it was last practised; empty where it never was
 * @param seconds altogether
 * @param passes how often
 * @param notClean how many of its last passes were not clean
 */
public record PracticeSummary(
        UUID exercise,
        String name,
        LocalDate added,
        Optional<LocalDate> last,
        long seconds,
        long passes,
        int notClean) {
    /** How many of the last passes are looked at for whether they were clean. */
    public static final int LAST_PASSES = 6;

    /** How many days it has lain there until a day. */
    public long daysLeftLying(LocalDate today) {
        return Math.max(0, last.orElse(added).until(today, ChronoUnit.DAYS));
    }
}
