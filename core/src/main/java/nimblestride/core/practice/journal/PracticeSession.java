package nimblestride.core.practice.journal;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.foundation.words.Counted;

/**
 * What to do in a short time today: warm up, then what is due, what is in the middle of a ladder or stays hard, and
 * what was not practiced for longest (common practice in its order; the weights are a choice of this program).
 *
 * @param turns in order
 */
public record PracticeSession(List<Turn> turns) {
    private static final int WARM_UP = 2;
    private static final int MIN_TURN = 4;
    private static final int MAX_TURNS = 4;
    private static final int SOON_DAYS = 7;
    private static final int NEGLECTED_DAYS = 14;

    /**
     * A part of the session.
     *
     * @param exercise empty for the warm-up
     */
    public record Turn(Optional<UUID> exercise, String what, int minutes, String why) {}

    /**
     * What the session must fit.
     *
     * @param minutes from 5 to 240
     * @param due days by which exercises must be done
     * @param climbing exercises whose ladder asks for a step today
     */
    public record Wish(int minutes, LocalDate today, Map<UUID, LocalDate> due, Set<UUID> climbing) {
        /** @throws nimblestride.core.foundation.failure.InvalidValueException if the minutes are out of range */
        public Wish {
            if (minutes < 5 || minutes > 240) {
                throw new InvalidValueException("practice for 5 to 240 minutes, not " + minutes);
            }
        }
    }

    public PracticeSession {
        turns = List.copyOf(turns);
    }

    private record Candidate(PracticeSummary practiced, double weight, String why) {}

    /** Plans a session from what the log says of each exercise. */
    public static PracticeSession of(List<PracticeSummary> book, Wish wish) {
        List<Candidate> best = book.stream()
                .map(one -> candidate(one, wish))
                .sorted(Comparator.comparingDouble(Candidate::weight)
                        .reversed()
                        .thenComparing(candidate -> candidate.practiced.name()))
                .limit(Math.max(1, Math.min(MAX_TURNS, (wish.minutes - WARM_UP) / MIN_TURN)))
                .toList();
        List<Turn> turns = new ArrayList<>();
        turns.add(new Turn(
                Optional.empty(),
                "Warm up on the pad",
                best.isEmpty() ? wish.minutes : WARM_UP,
                "slowly, hand to hand; stop if anything hurts"));
        int left = wish.minutes - WARM_UP;
        double all = best.stream().mapToDouble(Candidate::weight).sum();
        for (int i = 0; i < best.size(); i++) {
            Candidate one = best.get(i);
            int others = best.size() - i - 1;
            int share = (int) Math.round((wish.minutes - WARM_UP) * one.weight / all);
            int minutes = others == 0 ? left : Math.max(1, Math.min(left - others, share));
            left -= minutes;
            turns.add(new Turn(Optional.of(one.practiced.exercise()), one.practiced.name(), minutes, one.why));
        }
        return new PracticeSession(turns);
    }

    private static Candidate candidate(PracticeSummary practiced, Wish wish) {
        double weight = 1;
        List<String> why = new ArrayList<>();
        LocalDate due = wish.due.get(practiced.exercise());
        if (due != null) {
            long days = wish.today.until(due, ChronoUnit.DAYS);
            weight += days <= SOON_DAYS ? 6 : 2;
            why.add(days < 0 ? "overdue" : days == 0 ? "due today" : "due in " + Counted.count(days, "day"));
        }
        if (wish.climbing.contains(practiced.exercise())) {
            weight += 3;
            why.add("today's Ladder step");
        }
        if (practiced.notClean() > 0) {
            weight += practiced.notClean() * 0.5;
            why.add(practiced.notClean() + " recent runs not clean");
        }
        long lying = practiced.daysLeftLying(wish.today);
        weight += Math.min(2, lying / (double) NEGLECTED_DAYS);
        if (practiced.last().isEmpty()) {
            why.add(lying >= NEGLECTED_DAYS ? "never practiced" : "new");
        } else if (lying >= NEGLECTED_DAYS) {
            why.add("not practiced for " + Counted.count(lying, "day"));
        }
        return new Candidate(practiced, weight, why.isEmpty() ? "to keep it fresh" : String.join(", ", why));
    }

    /** Returns exercises not practiced for two weeks or more, longest first. */
    public static List<PracticeSummary> neglected(List<PracticeSummary> book, LocalDate today) {
        return book.stream()
                .filter(one -> one.daysLeftLying(today) >= NEGLECTED_DAYS)
                .sorted(Comparator.comparingLong((PracticeSummary one) -> one.daysLeftLying(today))
                        .reversed()
                        .thenComparing(PracticeSummary::name))
                .toList();
    }
}
