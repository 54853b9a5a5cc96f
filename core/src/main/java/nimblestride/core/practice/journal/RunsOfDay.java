package nimblestride.core.practice.journal;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import nimblestride.core.exercise.plan.RepRating;
import nimblestride.core.foundation.words.Counted;

/**
 * How the runs of an exercise went on one day.
 *
 * @param ratings in the order in which they were logged
 */
public record RunsOfDay(List<RepRating> ratings) {
    public RunsOfDay {
        ratings = List.copyOf(ratings);
    }

    /** Reads the runs of a day from entries of one exercise, in the order in which they came in. */
    public static RunsOfDay of(List<LogEntry> entries, LocalDate day) {
        return new RunsOfDay(entries.stream()
                .filter(entry -> entry.when().toLocalDate().equals(day))
                .flatMap(entry -> entry.rating().stream())
                .toList());
    }

    /** Returns it in words: {@code 4 runs today: 3 clean, 1 not yet. Last: clean.} Empty where there is none. */
    public String description() {
        if (ratings.isEmpty()) {
            return "";
        }
        String each = Arrays.stream(RepRating.values())
                .filter(ratings::contains)
                .map(one -> Counted.number(ratings.stream().filter(one::equals).count()) + " " + one.title())
                .collect(Collectors.joining(", "));
        return Counted.count(ratings.size(), "run") + " today: " + each + ". Last: "
                + ratings.get(ratings.size() - 1).title() + ".";
    }
}
