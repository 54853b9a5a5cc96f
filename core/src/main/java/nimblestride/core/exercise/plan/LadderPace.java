package nimblestride.core.exercise.plan;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import nimblestride.core.foundation.failure.InvalidValueException;

/**
 * When a ladder is climbed.
 *
 * @param start the first day
 * @param due the day on which the goal is to be reached, within ten years of the first
 * @param days of the week on which it is practised, at least one
 */
public record LadderPace(LocalDate start, LocalDate due, Set<DayOfWeek> days) {
    private static final int MAX_YEARS = 10;

    public LadderPace {
        if (due.isBefore(start) || due.isAfter(start.plusYears(MAX_YEARS))) {
            throw new InvalidValueException("the goal is due within " + MAX_YEARS + " years after the first day, "
                    + start + ", and not before it: " + due);
        }
        if (days.isEmpty()) {
            throw new InvalidValueException("it is practised on one day of the week at least");
        }
        days = Set.copyOf(EnumSet.copyOf(days));
    }

    /** The days on which it is practised from one day up to the day it is due, both included. */
    public List<LocalDate> daysFrom(LocalDate day) {
        return day.isAfter(due)
                ? List.of()
                : day.datesUntil(due.plusDays(1)).filter(this::isPracticeDay).toList();
    }

    /** Whether a day is one on which it is practised. */
    public boolean isPracticeDay(LocalDate day) {
        return days.contains(day.getDayOfWeek());
    }
}
