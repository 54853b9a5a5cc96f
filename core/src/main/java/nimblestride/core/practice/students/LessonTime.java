package nimblestride.core.practice.students;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.format.TextStyle;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.foundation.words.SpokenDate;

/** The day of the week and the time of a student's lesson: {@code Tuesday 4:30 PM}. */
public record LessonTime(DayOfWeek day, LocalTime time) implements Comparable<LessonTime> {
    private static final Pattern TEXT =
            Pattern.compile("(\\p{L}{3,9})\\.?s?[ ,]+(\\d{1,2})(?:[:.](\\d{2}))? *([ap])?\\.?(?:m\\.?)?");
    private static final int HOURS = 12;

    /**
     * Reads a day, whole or its first three letters, and a time: {@code Tue 4:30 PM}, {@code Tuesday 16:30}.
     *
     * @throws InvalidValueException if the text is not a day and a time
     */
    public static LessonTime parse(String text) {
        Matcher found = TEXT.matcher(text.strip().toLowerCase(Locale.ROOT));
        if (found.matches()) {
            for (DayOfWeek day : DayOfWeek.values()) {
                String name = day.getDisplayName(TextStyle.FULL, Locale.US).toLowerCase(Locale.ROOT);
                if (name.startsWith(found.group(1)) || (name + "s").equals(found.group(1))) {
                    return new LessonTime(day, time(text, found));
                }
            }
        }
        throw unreadable(text);
    }

    private static LocalTime time(String text, Matcher found) {
        int hour = Integer.parseInt(found.group(2));
        int minute = found.group(3) == null ? 0 : Integer.parseInt(found.group(3));
        boolean halves = found.group(4) != null;
        boolean inRange = halves ? hour >= 1 && hour <= HOURS : hour < 2 * HOURS;
        if (!inRange || minute >= 60) {
            throw unreadable(text);
        }
        return LocalTime.of(halves ? hour % HOURS + (found.group(4).equals("p") ? HOURS : 0) : hour, minute);
    }

    private static InvalidValueException unreadable(String text) {
        return new InvalidValueException(
                "I can't read \"" + text.strip() + "\" as a lesson time. Try a day and a time, such as Tue 4:30 PM");
    }

    /** Returns whether the lesson is on a day. */
    public boolean isOn(LocalDate date) {
        return date.getDayOfWeek() == day;
    }

    /** Returns the time alone: {@code 4:30 PM}. */
    public String clock() {
        return SpokenDate.clock(time);
    }

    @Override
    public int compareTo(LessonTime other) {
        int days = day.compareTo(other.day);
        return days != 0 ? days : time.compareTo(other.time);
    }

    /** Returns text that {@link #parse} reads. */
    @Override
    public String toString() {
        return day.getDisplayName(TextStyle.FULL, Locale.US) + " " + clock();
    }
}
