package nimblestride.desktop.workspace.start;

import java.time.LocalDate;
import java.util.List;
import java.util.stream.Collectors;
import nimblestride.core.practice.journal.PracticeSession;
import nimblestride.desktop.workspace.practice.PracticePlanner;
import nimblestride.desktop.workspace.students.StudentGlance;
import nimblestride.store.book.Book;
import nimblestride.store.book.ExerciseSummary;

/**
 * What the start page says about the Book and the day.
 *
 * @param last the exercises edited last, newest first
 * @param practice today's plan, in a line
 * @param lessons today's lessons, in a line
 */
public record StartDay(List<ExerciseSummary> last, String practice, String lessons) {
    private static final int LAST_EXERCISES = 3;
    private static final int MAX_LISTED = 4;

    /** The start page of a program without a Book. */
    public static final StartDay NONE = new StartDay(List.of(), "", "");

    public StartDay {
        last = List.copyOf(last);
    }

    /**
     * Reads it from the Book.
     *
     * @throws nimblestride.core.foundation.failure.StrideException if the Book can't be read
     */
    public static StartDay of(Book book, LocalDate today) {
        List<PracticeSession.Turn> turns = PracticePlanner.plan(book, today, PracticePlanner.USUAL_MINUTES)
                .session()
                .turns();
        List<String> lessons = StudentGlance.today(book, today).stream()
                .map(StudentGlance::title)
                .toList();
        return new StartDay(
                book.exercises().last(LAST_EXERCISES),
                listed(turns.stream()
                        .map(turn -> turn.what() + " " + turn.minutes() + " min")
                        .toList()),
                lessons.isEmpty() ? "No lessons today." : listed(lessons));
    }

    private static String listed(List<String> all) {
        String some = all.stream().limit(MAX_LISTED).collect(Collectors.joining(" · "));
        return all.size() <= MAX_LISTED ? some : some + " · and " + (all.size() - MAX_LISTED) + " more";
    }
}
