package nimblestride.store.book;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.time.temporal.IsoFields;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * Thins out earlier states as they grow old: all of the last seven days stay, the last of each day for two months, the
 * last of each week for a year, and the last of each month for good. Named states always stay.
 */
final class StateThinning {
    private static final int DAYS_OF_ALL = 7;
    private static final int DAYS_OF_DAILY = 61;
    private static final int DAYS_OF_WEEKLY = 366;

    private StateThinning() {}

    /** Returns the states of one exercise that may go. */
    static List<ExerciseState> dropped(List<ExerciseState> newestFirst, LocalDate today) {
        Set<String> kept = new HashSet<>();
        List<ExerciseState> dropped = new ArrayList<>();
        for (ExerciseState state : newestFirst) {
            if (state.name().isEmpty() && !kept.add(span(state.at(), today))) {
                dropped.add(state);
            }
        }
        return dropped;
    }

    /** Returns the span of time of which one state stays. */
    private static String span(LocalDateTime at, LocalDate today) {
        LocalDate day = at.toLocalDate();
        long age = ChronoUnit.DAYS.between(day, today);
        if (age < DAYS_OF_ALL) {
            return at.toString();
        }
        if (age < DAYS_OF_DAILY) {
            return day.toString();
        }
        return age < DAYS_OF_WEEKLY
                ? day.get(IsoFields.WEEK_BASED_YEAR) + "-W" + day.get(IsoFields.WEEK_OF_WEEK_BASED_YEAR)
                : day.getYear() + "-" + day.getMonthValue();
    }
}
