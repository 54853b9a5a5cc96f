package nimblestride.core.practice.students;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import nimblestride.core.foundation.failure.StrideException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TeachingTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 25);
    private static final Assignment OPEN = new Assignment(
            UUID.randomUUID(),
            UUID.randomUUID(),
            Optional.empty(),
            "Weir Steps",
            TODAY.minusDays(20),
            Optional.empty(),
            "",
            Optional.empty(),
            Optional.empty());

    @ParameterizedTest
    @CsvSource({"-1, 1 day overdue", "-12, 12 days overdue", "0, due today", "1, due in 1 day", "9, due in 9 days"})
    void whereItStandsIsSaid(int days, String said) {
        Assignment due = OPEN.dueOn(TODAY.plusDays(days));
        assertThat(due.stateOn(TODAY)).isEqualTo(said);
        assertThat(due.doneOn(TODAY).stateOn(TODAY)).isEqualTo("done");
        assertThat(OPEN.stateOn(TODAY)).isEqualTo("open");
    }

    @Test
    void whatCannotBeIsRefused() {
        assertThatExceptionOfType(StrideException.class).isThrownBy(() -> OPEN.dueOn(TODAY.minusDays(21)));
        assertThatExceptionOfType(StrideException.class).isThrownBy(() -> new Student(UUID.randomUUID(), " ", ""));
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> new Lesson(UUID.randomUUID(), OPEN.student(), TODAY, "x".repeat(10_001), ""));
    }
}
