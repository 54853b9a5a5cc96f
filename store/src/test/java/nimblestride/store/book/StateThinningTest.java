package nimblestride.store.book;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class StateThinningTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 29);

    private static List<ExerciseState> kept(List<ExerciseState> newestFirst) {
        List<ExerciseState> kept = new ArrayList<>(newestFirst);
        kept.removeAll(StateThinning.dropped(newestFirst, TODAY));
        return kept;
    }

    /** Three states a day, the newest first. */
    private static List<ExerciseState> season(int days) {
        List<ExerciseState> states = new ArrayList<>();
        for (int day = 0; day < days; day++) {
            for (int hour : new int[] {21, 15, 9}) {
                LocalDateTime at = TODAY.minusDays(day).atTime(hour, 0);
                states.add(new ExerciseState(states.size(), new UUID(0, 1), at, ""));
            }
        }
        return states;
    }

    @Test
    void theLastWeekStaysWholeAndOlderDaysKeepTheirLastState() {
        List<ExerciseState> kept = kept(season(20));
        assertThat(kept).hasSize(7 * 3 + 13);
        assertThat(kept.subList(21, 34)).allMatch(state -> state.at().getHour() == 21);
    }

    @Test
    void monthsThinOutToWeeksAndYearsToMonths() {
        // 7 days of three, 54 days, 305 days in 44 weeks, and what is older than a year in its months.
        List<ExerciseState> kept = kept(season(366 + 2 * 365));
        long daily = kept.stream()
                .filter(state -> state.at().toLocalDate().isAfter(TODAY.minusDays(61)))
                .count();
        assertThat(daily).isEqualTo(7 * 3 + 54);
        long older = kept.stream()
                .filter(state -> !state.at().toLocalDate().isAfter(TODAY.minusDays(366)))
                .count();
        assertThat(older).isEqualTo(25);
        assertThat(kept.size() - daily - older).isEqualTo(45);
        assertThat(kept(kept)).isEqualTo(kept);
    }

    @Test
    void namedStatesAlwaysStay() {
        List<ExerciseState> named = season(500).stream()
                .map(state -> new ExerciseState(state.number(), state.exercise(), state.at(), "before the lesson"))
                .toList();
        assertThat(kept(named)).isEqualTo(named);
    }
}
