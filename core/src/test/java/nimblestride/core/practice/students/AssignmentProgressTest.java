package nimblestride.core.practice.students;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblestride.core.exercise.plan.RepRating;
import nimblestride.core.language.text.TempoText;
import nimblestride.core.practice.journal.LogEntry;
import org.junit.jupiter.api.Test;

class AssignmentProgressTest {
    private static final LocalDate SET = LocalDate.of(2026, 11, 2);
    private static final UUID STEPS = UUID.randomUUID();

    private static Assignment set(Optional<UUID> exercise, String what) {
        return new Assignment(
                UUID.randomUUID(),
                UUID.randomUUID(),
                exercise,
                what,
                SET,
                Optional.empty(),
                "",
                Optional.empty(),
                Optional.empty());
    }

    private static LogEntry entry(
            Optional<UUID> exercise, String what, int minutes, String tempo, RepRating rating, String... hard) {
        return new LogEntry(
                UUID.randomUUID(),
                exercise,
                what,
                SET.plusDays(1).atTime(18, 0),
                minutes * 60,
                tempo.isEmpty() ? Optional.empty() : Optional.of(TempoText.read(tempo)),
                Optional.ofNullable(rating),
                "",
                List.of(hard),
                Optional.empty());
    }

    @Test
    void anExerciseOfTheBookGoesByItselfWhateverItWasCalled() {
        List<LogEntry> log = List.of(
                entry(Optional.of(STEPS), "Weir Steps", 20, "1/8=150", RepRating.CLEAN, "4& of bar 2"),
                entry(Optional.of(STEPS), "Steps, as it was once called", 25, "1/8=180", null, "2 of bar 1"),
                entry(Optional.of(UUID.randomUUID()), "Weir Steps", 60, "1/8=300", RepRating.CLEAN));
        AssignmentProgress progress = AssignmentProgress.of(set(Optional.of(STEPS), "Weir Steps"), log);
        assertThat(progress.times()).isEqualTo(2);
        assertThat(progress.seconds()).isEqualTo(45 * 60);
        assertThat(progress.description())
                .isEqualTo("2 times, 45 minutes; clean up to 150 BPM (eighths); hard: 4& of bar 2, 2 of bar 1.");
    }

    @Test
    void whatIsNoExerciseGoesByItsName() {
        List<LogEntry> log = List.of(
                entry(Optional.empty(), "Warm up on the pad", 1, "", null),
                entry(Optional.empty(), "Something else", 9, "", null));
        assertThat(AssignmentProgress.of(set(Optional.empty(), "Warm up on the pad"), log)
                        .description())
                .isEqualTo("1 time, 1 minute; not clean yet.");
    }

    /** 100 quarters are quicker than 180 eighths a minute, though the number is smaller. */
    @Test
    void theQuickestCleanTempoIsFoundInWhateverBeatItWasWritten() {
        List<LogEntry> log = List.of(
                entry(Optional.of(STEPS), "x", 5, "1/8=180", RepRating.CLEAN),
                entry(Optional.of(STEPS), "x", 5, "1/4=100", RepRating.CLEAN),
                entry(Optional.of(STEPS), "x", 5, "1/4=140", RepRating.NEARLY));
        AssignmentProgress progress = AssignmentProgress.of(set(Optional.of(STEPS), "x"), log);
        assertThat(progress.clean()).contains(TempoText.read("100"));
    }

    @Test
    void threePlacesAreToldAndEachOnce() {
        LogEntry hard = entry(Optional.of(STEPS), "x", 5, "", null, "1", "2", "3", "4");
        AssignmentProgress progress = AssignmentProgress.of(set(Optional.of(STEPS), "x"), List.of(hard, hard));
        assertThat(progress.hard()).containsExactly("1", "2", "3", "4");
        assertThat(progress.description()).endsWith("hard: 1, 2, 3.");
    }

    @Test
    void whereTheLogSaysNothingThatIsSaid() {
        assertThat(AssignmentProgress.of(set(Optional.of(STEPS), "x"), List.of())
                        .description())
                .isEqualTo("Not in the log yet.");
    }
}
