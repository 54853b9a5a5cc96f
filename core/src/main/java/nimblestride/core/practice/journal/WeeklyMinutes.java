package nimblestride.core.practice.journal;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;
import nimblestride.core.foundation.exact.ExactMath;

/** Minutes of practice, week by week. Weeks start on Monday. */
public final class WeeklyMinutes {
    private WeeklyMinutes() {}

    /** Returns the Monday of a day's week. */
    public static LocalDate of(LocalDate day) {
        return day.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
    }

    /**
     * Returns the minutes of several weeks, up to the week of a day, including weeks without practice.
     *
     * @param seconds of practice on each day
     * @param weeks one or more
     * @return by the Monday of each week, in order; seconds of a week are added before they are rounded
     */
    public static SortedMap<LocalDate, Integer> minutes(Map<LocalDate, Long> seconds, LocalDate last, int weeks) {
        SortedMap<LocalDate, Long> sums = new TreeMap<>();
        for (int back = 0; back < weeks; back++) {
            sums.put(of(last).minusWeeks(back), 0L);
        }
        seconds.forEach((day, one) -> sums.computeIfPresent(of(day), (monday, sum) -> sum + one));
        SortedMap<LocalDate, Integer> minutes = new TreeMap<>();
        sums.forEach((monday, sum) -> minutes.put(monday, ExactMath.toInt((sum + 30) / 60)));
        return minutes;
    }
}
