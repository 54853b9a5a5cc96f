package nimblestride.desktop.workspace.practice;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import nimblestride.core.exercise.plan.Ladder;
import nimblestride.core.exercise.plan.LadderPace;
import nimblestride.core.practice.journal.LogOwner;
import nimblestride.core.practice.journal.PracticeSession;
import nimblestride.core.practice.journal.PracticeSummary;
import nimblestride.store.book.Book;

/** Plans a day's practice from the log and the ladders of the Book. */
public final class PracticePlanner {
    /** The usual length of a session, in minutes. */
    public static final int USUAL_MINUTES = 20;
    /** The most exercises whose ladders it reads. */
    private static final int MAX_LADDERS = 300;

    /** What to practice today, and what was not practiced lately. */
    public record Plan(PracticeSession session, List<PracticeSummary> neglected) {}

    private PracticePlanner() {}

    /**
     * Plans a session.
     *
     * @param minutes for practice
     * @throws nimblestride.core.foundation.failure.StrideException if the Book can't be read
     */
    public static Plan plan(Book book, LocalDate today, int minutes) {
        List<PracticeSummary> all = book.log().summaries(LogOwner.USER);
        Set<UUID> climbing = new HashSet<>();
        Map<UUID, LocalDate> due = new HashMap<>();
        for (PracticeSummary one : all.subList(0, Math.min(MAX_LADDERS, all.size()))) {
            book.exercises()
                    .read(one.exercise())
                    .practice()
                    .ladder()
                    .flatMap(Ladder::pace)
                    .ifPresent(pace -> {
                        due.put(one.exercise(), pace.due());
                        if (isToday(pace, today)) {
                            climbing.add(one.exercise());
                        }
                    });
        }
        return new Plan(
                PracticeSession.of(all, new PracticeSession.Wish(minutes, today, due, climbing)),
                PracticeSession.neglected(all, today));
    }

    private static boolean isToday(LadderPace pace, LocalDate today) {
        return !today.isBefore(pace.start()) && !today.isAfter(pace.due()) && pace.isPracticeDay(today);
    }
}
