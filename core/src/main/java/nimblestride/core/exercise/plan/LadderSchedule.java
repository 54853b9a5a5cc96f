package nimblestride.core.exercise.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import nimblestride.core.foundation.failure.InvalidValueException;
import org.apache.commons.numbers.fraction.BigFraction;

/**
 * Which rung to reach on which day, from today to the due day. It is worked out from where the player is: days that
 * were missed are not made up for, but spread over those left.
 *
 * @param days practice days left, with today if it is one
 * @param daysBehind rungs below the first plan today; negative if above it
 */
public record LadderSchedule(List<Day> days, int daysBehind) {
    /**
     * A day and the rung to reach on it.
     *
     * @param rung from 0
     */
    public record Day(LocalDate date, int rung, BigFraction perMinute) {}

    public LadderSchedule {
        days = List.copyOf(days);
    }

    /**
     * Returns the schedule from today on.
     *
     * @throws InvalidValueException if the ladder has no dates
     */
    public static LadderSchedule of(LadderProgress standing, LocalDate today) {
        Ladder ladder = standing.ladder();
        LadderPace pace = ladder.pace().orElseThrow(() -> new InvalidValueException("this Ladder has no due date"));
        List<LocalDate> left = pace.daysFrom(today.isBefore(pace.start()) ? pace.start() : today);
        List<Day> days = new ArrayList<>();
        for (int i = 0; i < left.size(); i++) {
            int rung = between(standing.rung(), ladder.rungs() - 1, i, left.size());
            days.add(new Day(left.get(i), rung, ladder.rung(rung)));
        }
        return new LadderSchedule(days, planned(ladder, pace, today) - standing.rung());
    }

    /** Returns the rung the first plan reaches by the end of the day before one. */
    private static int planned(Ladder ladder, LadderPace pace, LocalDate today) {
        List<LocalDate> all = pace.daysFrom(pace.start());
        int past = (int) all.stream().filter(day -> day.isBefore(today)).count();
        return past == 0 ? 0 : between(0, ladder.rungs() - 1, past - 1, all.size());
    }

    /** Returns a rung between two, evenly over days: the last day is at the last rung. */
    private static int between(int from, int to, int day, int days) {
        return days == 1 ? to : from + (int) Math.round((double) (to - from) * day / (days - 1));
    }

    /** Returns whether no day is left. */
    public boolean isOver() {
        return days.isEmpty();
    }

    /**
     * Returns the first day on which the goal can be reached, a rung on each practice day, when the due day has passed
     * or is too soon.
     */
    public static LocalDate earliest(LadderProgress standing, LadderPace pace, LocalDate today) {
        int left = standing.ladder().rungs() - standing.rung();
        LocalDate day = today.minusDays(1);
        while (left > 0) {
            day = day.plusDays(1);
            left -= pace.isPracticeDay(day) ? 1 : 0;
        }
        return day;
    }
}
