package nimblestride.core.exercise.plan;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import nimblestride.core.foundation.failure.InvalidValueException;

/**
 * The days on which to climb a ladder.
 *
 * @param start first day
 * @param due day on which to reach the goal, within ten years of the first
 * @param days of the week, at least one
 */
public record LadderPace(LocalDate start, LocalDate due, Set<DayOfWeek> days) {
    private static final int MAX_YEARS = 10;

    /**
     * @throws InvalidValueException if there is no day of the week, or the due day is before the first or too far off
     */
    public LadderPace {
        if (due.isBefore(start) || due.isAfter(start.plusYears(MAX_YEARS))) {
            throw new InvalidValueException("set the due date within " + MAX_YEARS + " years after the first day, "
                    + start + ", not before it: " + due);
        }
        if (days.isEmpty()) {
            throw new InvalidValueException("choose at least one practice day");
        }
        days = Set.copyOf(EnumSet.copyOf(days));
    }

    /** Returns the practice days from one day up to the due day, both included. */
    public List<LocalDate> daysFrom(LocalDate day) {
        return day.isAfter(due)
                ? List.of()
                : day.datesUntil(due.plusDays(1)).filter(this::isPracticeDay).toList();
    }

    /** Returns whether a day is a practice day. */
    public boolean isPracticeDay(LocalDate day) {
        return days.contains(day.getDayOfWeek());
    }
}
