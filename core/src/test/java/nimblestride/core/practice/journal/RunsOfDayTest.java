package nimblestride.core.practice.journal;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import nimblestride.core.exercise.plan.RepRating;
import org.junit.jupiter.api.Test;

class RunsOfDayTest {
    @Test
    void theRunsOfADayAreCounted() {
        assertThat(new RunsOfDay(List.of(RepRating.CLEAN, RepRating.NOT_YET, RepRating.CLEAN, RepRating.NOT_YET))
                        .description())
                .isEqualTo("4 runs today: 2 clean, 2 not yet. Last: not yet.");
        assertThat(new RunsOfDay(List.of(RepRating.CLEAN)).description())
                .isEqualTo("1 run today: 1 clean. Last: clean.");
        assertThat(new RunsOfDay(List.of()).description()).isEmpty();
    }
}
