package nimblestride.core.practice.journal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import nimblestride.core.foundation.failure.StrideException;
import org.junit.jupiter.api.Test;

class JournalTest {
    private static final LocalDate WEDNESDAY = LocalDate.of(2026, 11, 25);

    private static PracticeSummary practiced(String name, Optional<LocalDate> last, int notClean) {
        return new PracticeSummary(
                UUID.nameUUIDFromBytes(name.getBytes(StandardCharsets.UTF_8)),
                name,
                WEDNESDAY.minusDays(60),
                last,
                600,
                5,
                notClean);
    }

    @Test
    void weeksBeginOnMondayAndEmptyOnesAreThereToo() {
        Map<LocalDate, Long> days = Map.of(
                LocalDate.of(2026, 11, 23),
                90L,
                WEDNESDAY,
                120L,
                LocalDate.of(2026, 11, 15),
                3_600L,
                LocalDate.of(2026, 1, 1),
                60L);
        assertThat(WeeklyMinutes.minutes(days, WEDNESDAY, 3))
                .containsExactly(
                        Map.entry(LocalDate.of(2026, 11, 9), 60),
                        Map.entry(LocalDate.of(2026, 11, 16), 0),
                        Map.entry(LocalDate.of(2026, 11, 23), 4));
    }

    @Test
    void whatIsDueAndWhatStaysHardComesFirst() {
        PracticeSummary due = practiced("Due", Optional.of(WEDNESDAY.minusDays(2)), 0);
        PracticeSummary hard = practiced("Hard", Optional.of(WEDNESDAY.minusDays(2)), 6);
        PracticeSummary fresh = practiced("Fresh", Optional.of(WEDNESDAY), 0);
        PracticeSummary forgotten = practiced("Forgotten", Optional.empty(), 0);
        PracticeSession sitting = PracticeSession.of(
                List.of(fresh, forgotten, hard, due),
                new PracticeSession.Wish(20, WEDNESDAY, Map.of(due.exercise(), WEDNESDAY.plusDays(1)), Set.of()));
        assertThat(sitting.turns())
                .extracting(PracticeSession.Turn::what)
                .containsExactly("Warm up on the pad", "Due", "Hard", "Forgotten", "Fresh");
        assertThat(sitting.turns().get(1).why()).isEqualTo("due in 1 day");
        assertThat(sitting.turns().get(3).why()).isEqualTo("never practiced");
        assertThat(PracticeSession.neglected(List.of(fresh, hard, forgotten), WEDNESDAY))
                .containsExactly(forgotten);
    }

    @Test
    void whatCameTodayIsNew() {
        PracticeSummary today = new PracticeSummary(UUID.randomUUID(), "Today", WEDNESDAY, Optional.empty(), 0, 0, 0);
        PracticeSession sitting =
                PracticeSession.of(List.of(today), new PracticeSession.Wish(20, WEDNESDAY, Map.of(), Set.of()));
        assertThat(sitting.turns().get(1).why()).isEqualTo("new");
        assertThat(PracticeSession.neglected(List.of(today), WEDNESDAY)).isEmpty();
    }

    @Provide
    static Arbitrary<List<PracticeSummary>> books() {
        return Combinators.combine(
                        Arbitraries.strings().alpha().ofLength(5),
                        Arbitraries.integers()
                                .between(0, 400)
                                .map(WEDNESDAY::minusDays)
                                .optional(),
                        Arbitraries.integers().between(0, 6))
                .as(JournalTest::practiced)
                .list()
                .uniqueElements(PracticeSummary::name)
                .ofMaxSize(30);
    }

    /** Whatever is in the Book, the minutes asked for are given out, each turn has some, and none comes twice. */
    @Property
    void theMinutesAreGivenOut(
            @ForAll("books") List<PracticeSummary> book, @ForAll @IntRange(min = 5, max = 240) int minutes) {
        PracticeSession sitting =
                PracticeSession.of(book, new PracticeSession.Wish(minutes, WEDNESDAY, Map.of(), Set.of()));
        assertThat(sitting.turns().stream()
                        .mapToInt(PracticeSession.Turn::minutes)
                        .sum())
                .isEqualTo(minutes);
        assertThat(sitting.turns()).allMatch(turn -> turn.minutes() >= 1).doesNotHaveDuplicates();
    }

    @Test
    void entriesThatCannotBeAreRefused() {
        LogEntry entry = new LogEntry(
                UUID.randomUUID(),
                Optional.empty(),
                "Scales",
                LocalDateTime.of(2026, 11, 25, 18, 0),
                60,
                Optional.empty(),
                Optional.empty(),
                "",
                List.of(),
                Optional.empty());
        assertThat(entry.saying(entry.note())).isEqualTo(entry);
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> entry.saying(new PracticeNote(
                        Optional.of(" "), Optional.empty(), 1, Optional.empty(), Optional.empty(), "", List.of())));
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> entry.saying(new PracticeNote(
                        Optional.empty(),
                        Optional.empty(),
                        90_000,
                        Optional.empty(),
                        Optional.empty(),
                        "",
                        List.of())));
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> entry.saying(new PracticeNote(
                        Optional.empty(),
                        Optional.empty(),
                        1,
                        Optional.empty(),
                        Optional.empty(),
                        "",
                        List.of("a; b"))));
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> new PracticeSession.Wish(1, WEDNESDAY, Map.of(), Set.of()));
    }
}
