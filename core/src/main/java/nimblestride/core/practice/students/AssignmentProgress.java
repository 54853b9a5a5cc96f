package nimblestride.core.practice.students;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import nimblestride.core.exercise.plan.RepRating;
import nimblestride.core.foundation.words.Counted;
import nimblestride.core.practice.journal.LogEntry;
import nimblestride.core.time.value.Tempo;

/**
 * How far a student is with an assignment.
 *
 * @param times how often they practiced it
 * @param clean fastest tempo at which it was clean; empty if it never was
 * @param hard places that were hard, each once, in the order of the log
 */
public record AssignmentProgress(int times, int seconds, Optional<Tempo> clean, List<String> hard) {
    private static final int MAX_PLACES = 3;

    public AssignmentProgress {
        hard = List.copyOf(hard);
    }

    /**
     * Reads the progress from a log. An assignment that is an exercise of the Book is found by its id, any other by
     * its name.
     */
    public static AssignmentProgress of(Assignment assignment, List<LogEntry> log) {
        List<LogEntry> practiced = log.stream()
                .filter(entry -> assignment.exercise().isPresent()
                        ? entry.exercise().equals(assignment.exercise())
                        : entry.what().equals(assignment.what()))
                .toList();
        return new AssignmentProgress(
                practiced.size(),
                practiced.stream().mapToInt(LogEntry::seconds).sum(),
                practiced.stream()
                        .filter(entry -> entry.rating()
                                .filter(one -> one == RepRating.CLEAN)
                                .isPresent())
                        .flatMap(entry -> entry.tempo().stream())
                        .max(Comparator.comparing(Tempo::quartersPerMinute)),
                practiced.stream()
                        .flatMap(entry -> entry.hard().stream())
                        .distinct()
                        .toList());
    }

    /** Returns it in words: {@code 9 times, 120 minutes; clean up to 162 BPM (eighths); hard: 4& of bar 2.} */
    public String description() {
        if (times == 0) {
            return "Not in the log yet.";
        }
        String places = String.join(", ", hard.subList(0, Math.min(MAX_PLACES, hard.size())));
        return Counted.count(times, "time") + ", " + Counted.count(seconds / 60, "minute")
                + clean.map(tempo -> "; clean up to " + tempo.spoken()).orElse("; not clean yet")
                + (places.isEmpty() ? "." : "; hard: " + places + ".");
    }
}
