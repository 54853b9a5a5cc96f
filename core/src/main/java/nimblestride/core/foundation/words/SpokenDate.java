package nimblestride.core.foundation.words;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.temporal.TemporalAccessor;
import java.util.Locale;

/** Writes days and times as Americans do. */
public final class SpokenDate {
    private static final DateTimeFormatter BRIEF = DateTimeFormatter.ofPattern("MMM d", Locale.US);
    private static final DateTimeFormatter WITH_WEEKDAY = DateTimeFormatter.ofPattern("EEE MMM d", Locale.US);
    private static final DateTimeFormatter WHOLE = DateTimeFormatter.ofPattern("EEEE, MMMM d", Locale.US);
    private static final DateTimeFormatter WITH_YEAR = DateTimeFormatter.ofPattern("MMMM d, y", Locale.US);
    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("h:mm a", Locale.US);

    private SpokenDate() {}

    /** Returns {@code Nov 3}. */
    public static String brief(TemporalAccessor day) {
        return BRIEF.format(day);
    }

    /** Returns {@code Tue Nov 3}. */
    public static String withWeekday(TemporalAccessor day) {
        return WITH_WEEKDAY.format(day);
    }

    /** Returns {@code Tuesday, November 3}, and in another year {@code November 3, 2025}. */
    public static String whole(LocalDate day, LocalDate today) {
        return (day.getYear() == today.getYear() ? WHOLE : WITH_YEAR).format(day);
    }

    /** Returns {@code 4:30 PM}. */
    public static String clock(TemporalAccessor time) {
        return CLOCK.format(time);
    }
}
