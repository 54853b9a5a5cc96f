package nimblestride.core.practice.journal;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;
import nimblestride.core.foundation.exact.ExactMath;

/** Minutes of practising, week by week. Weeks begin on Monday. */
public final class WeeklyMinutes {
    private WeeklyMinutes() {}

    /** The Monday of a day's week. */
    public static LocalDate of(LocalDate day) {
        return day.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
    }

    /**
     * The minutes of so many weeks up to the one of a day, those without any as well.
     *
     * @param seconds of each day on which something was practised
     * @param weeks one or more
     * @return by the Monday each week begins with, in order; the seconds of a week are added up before they are rounded
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
