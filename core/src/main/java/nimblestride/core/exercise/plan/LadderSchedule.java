package nimblestride.core.exercise.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import nimblestride.core.foundation.failure.InvalidValueException;
import org.apache.commons.numbers.fraction.BigFraction;

/**
 * Which rung on which day, from today to the day the goal is due. It is made anew from where somebody stands: missed days are
 * not made up for, but spread over those that are left.
 *
 * @param days those left on which it is practised, today among them if it is one
 * @param daysBehind how many rungs below the first plan somebody stands today; less than 0 if above it
 */
public record LadderSchedule(List<Day> days, int daysBehind) {
    /** A day and the rung that is to be reached on it, from 0. */
    public record Day(LocalDate date, int rung, BigFraction perMinute) {}

    public LadderSchedule {
        days = List.copyOf(days);
    }

    /** @throws InvalidValueException if the ladder has no dates */
    public static LadderSchedule of(LadderProgress standing, LocalDate today) {
        Ladder ladder = standing.ladder();
        LadderPace pace = ladder.pace()
                .orElseThrow(() -> new InvalidValueException("this ladder has no day on which its goal is due"));
        List<LocalDate> left = pace.daysFrom(today.isBefore(pace.start()) ? pace.start() : today);
        List<Day> days = new ArrayList<>();
        for (int i = 0; i < left.size(); i++) {
            int rung = between(standing.rung(), ladder.rungs() - 1, i, left.size());
            days.add(new Day(left.get(i), rung, ladder.rung(rung)));
        }
        return new LadderSchedule(days, planned(ladder, pace, today) - standing.rung());
    }

    /** Where the first plan would have somebody stand by the end of the last day before one. */
    private static int planned(Ladder ladder, LadderPace pace, LocalDate today) {
        List<LocalDate> all = pace.daysFrom(pace.start());
        int past = (int) all.stream().filter(day -> day.isBefore(today)).count();
        return past == 0 ? 0 : between(0, ladder.rungs() - 1, past - 1, all.size());
    }

    /** Evenly from one rung to another over so many days: the last day is at the last rung. */
    private static int between(int from, int to, int day, int days) {
        return days == 1 ? to : from + (int) Math.round((double) (to - from) * day / (days - 1));
    }

    /** Whether no day is left. */
    public boolean isOver() {
        return days.isEmpty();
    }

    /**
     * The first day on which the goal could be reached, a rung on each day that is practised, where the day it is due has
     * passed or comes too soon.
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
