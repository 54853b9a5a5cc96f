package nimblestride.core.exercise.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import nimblestride.core.foundation.failure.StrideException;
import org.apache.commons.numbers.fraction.BigFraction;
import org.junit.jupiter.api.Test;

class LadderTest {
    private static final LocalDate MONDAY = LocalDate.of(2026, 11, 2);

    private static BigFraction of(int number) {
        return BigFraction.of(number);
    }

    private static final Ladder LADDER = Ladder.of(of(60), of(96), of(8));

    private static Rep pass(int perMinute, RepRating rating) {
        return pass(perMinute, rating, MONDAY);
    }

    private static Rep pass(int perMinute, RepRating rating, LocalDate day) {
        return new Rep(of(perMinute), rating, day);
    }

    @Test
    void theLastStepIsShorterWhereTheGoalLiesBetween() {
        assertThat(LADDER.tempos()).containsExactly(of(60), of(68), of(76), of(84), of(92), of(96));
        assertThat(Ladder.of(of(60), of(60), of(1)).tempos()).containsExactly(of(60));
        assertThat(Ladder.upTo(of(100)).tempos().get(0)).isEqualTo(of(60));
        assertThat(Ladder.upTo(of(1)).tempos()).containsExactly(of(1));
    }

    @Test
    void threeCleanOnesGoUpTwoMissesStepBackAndTheRestStays() {
        LadderProgress standing = LADDER.startProgress();
        standing = standing.after(pass(60, RepRating.CLEAN)).after(pass(60, RepRating.CLEAN));
        assertThat(standing.perMinute()).isEqualTo(of(60));
        assertThat(standing.missing()).isEqualTo(1);
        standing = standing.after(pass(60, RepRating.CLEAN));
        assertThat(standing.perMinute()).isEqualTo(of(68));
        standing = standing.after(pass(68, RepRating.CLEAN)).after(pass(68, RepRating.NEARLY));
        assertThat(standing.consecutiveClean()).isZero();
        standing = standing.after(pass(68, RepRating.NOT_YET)).after(pass(68, RepRating.NOT_YET));
        assertThat(standing.perMinute()).isEqualTo(of(60));
    }

    @Test
    void whatIsEasierOrHarderThanAskedSaysNothing() {
        LadderProgress at68 =
                LADDER.after(List.of(pass(60, RepRating.CLEAN), pass(70, RepRating.CLEAN), pass(60, RepRating.CLEAN)));
        assertThat(at68.rung()).isEqualTo(1);
        assertThat(at68.after(pass(60, RepRating.CLEAN))).isEqualTo(at68);
        assertThat(at68.after(pass(90, RepRating.NOT_YET))).isEqualTo(at68);
    }

    @Test
    void theGoalIsReachedWhenItIsPlayedCleanAsOftenAsAnyOtherRung() {
        Ladder twoRungs = Ladder.of(of(90), of(96), of(6)).withRules(new LadderRules(2, 1));
        LadderProgress goal = twoRungs.after(List.of(pass(90, RepRating.CLEAN), pass(90, RepRating.CLEAN)));
        assertThat(goal.isAtGoal()).isFalse();
        assertThat(goal.after(pass(96, RepRating.CLEAN)).isAtGoal()).isFalse();
        LadderProgress once = goal.after(pass(96, RepRating.CLEAN)).after(pass(96, RepRating.CLEAN));
        assertThat(once.cleanAtTop()).contains(MONDAY);
        // Today says nothing about tomorrow.
        assertThat(once.isAtGoal()).isFalse();
        assertThat(once.missing()).isEqualTo(1);
        assertThat(once.after(pass(96, RepRating.CLEAN)).isAtGoal()).isFalse();
        LadderProgress reached = once.after(pass(96, RepRating.CLEAN, MONDAY.plusDays(2)));
        assertThat(reached.isAtGoal()).isTrue();
        assertThat(reached.missing()).isZero();
        assertThat(reached.after(pass(96, RepRating.NOT_YET)).isAtGoal()).isFalse();
        assertThat(once.after(pass(96, RepRating.NOT_YET)).cleanAtTop()).isEmpty();
    }

    @Provide
    static Arbitrary<List<Rep>> passes() {
        Arbitrary<Integer> tempos = Arbitraries.integers().between(50, 110);
        return Combinators.combine(tempos, Arbitraries.of(RepRating.class))
                .as((perMinute, rating) -> pass(perMinute, rating))
                .list()
                .ofMaxSize(80);
    }

    /** Whatever is played: never off the ladder, never more than a rung at a time, and up only by a clean pass. */
    @Property
    void nobodyFallsOffALadder(
            @ForAll("passes") List<Rep> passes,
            @ForAll @IntRange(min = 1, max = 4) int up,
            @ForAll @IntRange(min = 1, max = 4) int back) {
        LadderProgress standing = LADDER.withRules(new LadderRules(up, back)).startProgress();
        for (Rep pass : passes) {
            LadderProgress next = standing.after(pass);
            assertThat(next.rung()).isBetween(0, LADDER.rungs() - 1);
            assertThat(Math.abs(next.rung() - standing.rung())).isLessThanOrEqualTo(1);
            assertThat(next.consecutiveClean()).isLessThanOrEqualTo(Math.max(up, standing.consecutiveClean() + 1));
            assertThat(next.consecutiveMisses()).isLessThan(back);
            if (next.rung() > standing.rung()) {
                assertThat(pass.rating()).isEqualTo(RepRating.CLEAN);
                assertThat(pass.perMinute()).isGreaterThanOrEqualTo(standing.perMinute());
            }
            if (next.rung() < standing.rung()) {
                assertThat(pass.rating()).isEqualTo(RepRating.NOT_YET);
            }
            standing = next;
        }
    }

    private static Ladder paced(int days, Set<DayOfWeek> on) {
        return LADDER.withPace(new LadderPace(MONDAY, MONDAY.plusDays(days), on));
    }

    @Test
    void theWayIsSpreadOverTheDaysThatAreLeft() {
        Ladder ladder = paced(13, EnumSet.of(DayOfWeek.MONDAY, DayOfWeek.WEDNESDAY, DayOfWeek.FRIDAY));
        LadderSchedule plan = LadderSchedule.of(ladder.startProgress(), MONDAY);
        assertThat(plan.days()).extracting(LadderSchedule.Day::rung).containsExactly(0, 1, 2, 3, 4, 5);
        assertThat(plan.days()).extracting(LadderSchedule.Day::date).startsWith(MONDAY, MONDAY.plusDays(2));
        assertThat(plan.daysBehind()).isZero();
        // The first week was missed: the same rungs on half the days.
        LadderSchedule late = LadderSchedule.of(ladder.startProgress(), MONDAY.plusDays(7));
        assertThat(late.days()).extracting(LadderSchedule.Day::rung).containsExactly(0, 3, 5);
        assertThat(late.daysBehind()).isEqualTo(2);
    }

    @Test
    void aDayThatHasPassedIsAnsweredWithTheEarliestOneThatCouldBe() {
        Ladder ladder = paced(3, EnumSet.of(DayOfWeek.MONDAY));
        LocalDate after = MONDAY.plusDays(4);
        assertThat(LadderSchedule.of(ladder.startProgress(), after).isOver()).isTrue();
        // Six rungs, a Monday each: the first is the 9th of November.
        assertThat(LadderSchedule.earliest(ladder.startProgress(), ladder.pace().orElseThrow(), after))
                .isEqualTo(LocalDate.of(2026, 12, 14));
    }

    /** However many days are left: the plan never goes down, ends at the goal, and lies on days that were chosen. */
    @Property
    void aPlanRisesToItsGoal(
            @ForAll @IntRange(min = 0, max = 200) int length,
            @ForAll @IntRange(min = 0, max = 220) int today,
            @ForAll @IntRange(min = 0, max = 5) int rung,
            @ForAll Set<DayOfWeek> days) {
        if (days.isEmpty()) {
            return;
        }
        Ladder ladder = paced(length, days);
        LadderProgress standing = new LadderProgress(ladder, rung, 0, 0, Optional.empty(), false);
        LadderSchedule plan = LadderSchedule.of(standing, MONDAY.plusDays(today));
        int before = rung;
        for (LadderSchedule.Day day : plan.days()) {
            assertThat(day.rung()).isGreaterThanOrEqualTo(before);
            assertThat(days).contains(day.date().getDayOfWeek());
            assertThat(day.date()).isBetween(MONDAY.plusDays(today), MONDAY.plusDays(length));
            before = day.rung();
        }
        if (!plan.isOver()) {
            assertThat(before).isEqualTo(ladder.rungs() - 1);
        }
    }

    @Test
    void whatIsNoLadderIsRefused() {
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> Ladder.of(of(96), of(60), of(4)))
                .withMessageContaining("the goal, 60, can't be below the start, 96");
        assertThatExceptionOfType(StrideException.class).isThrownBy(() -> Ladder.of(of(60), of(96), of(0)));
        assertThatExceptionOfType(StrideException.class).isThrownBy(() -> Ladder.of(of(60), of(1_200), of(4)));
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> Ladder.of(of(60), of(96), BigFraction.of(1, 1_000_000)))
                .withMessageContaining("steps larger");
        assertThatExceptionOfType(StrideException.class).isThrownBy(() -> new LadderRules(0, 2));
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> new LadderPace(MONDAY, MONDAY.minusDays(1), EnumSet.of(DayOfWeek.MONDAY)));
        assertThatExceptionOfType(StrideException.class).isThrownBy(() -> new LadderPace(MONDAY, MONDAY, Set.of()));
    }
}
