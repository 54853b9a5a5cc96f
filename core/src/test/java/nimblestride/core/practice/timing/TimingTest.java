package nimblestride.core.practice.timing;

import static nimblestride.core.language.text.Examples.exercise;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.function.LongPredicate;
import java.util.function.ToDoubleFunction;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.kit.voice.Kit;
import nimblestride.core.kit.voice.Limb;
import nimblestride.core.language.text.TempoText;
import nimblestride.core.time.value.NoteValue;
import org.apache.commons.math3.stat.descriptive.DescriptiveStatistics;
import org.apache.commons.math3.stat.regression.SimpleRegression;
import org.junit.jupiter.api.Test;

class TimingTest {
    private static final Exercise GROOVE = exercise(
                    "7/8, 5/8", "hi-hat every 1/8", "snare cell ..x.x.. of 1/8 reset bar", "kick 1 over bar")
            .withTempo(TempoText.read("96"));

    private static List<ExpectedHit> expected(LongPredicate silent, int phrases) {
        return new ExpectedHits(GROOVE, 100, silent)
                .between(
                        Set.copyOf(GROOVE.layerNames()),
                        NoteValue.ZERO,
                        GROOVE.phrase().length().times(phrases));
    }

    private static List<PlayedHit> taps(List<ExpectedHit> expected, ToDoubleFunction<ExpectedHit> late) {
        List<PlayedHit> taps = new ArrayList<>();
        for (ExpectedHit one : expected) {
            taps.add(new PlayedHit(one.at() + late.applyAsDouble(one), one.voice()));
        }
        return taps;
    }

    private static Timing timing(List<ExpectedHit> expected, List<PlayedHit> taps) {
        return Timing.of(HitMatching.of(expected, taps)).orElseThrow();
    }

    /** Friberg and Sundberg (1995); Repp (2005); Repp and Su (2013). */
    @Test
    void theEarAndTheHandHaveTheirPublishedLimits() {
        assertThat(TypicalTiming.audible(100)).isEqualTo(6);
        assertThat(TypicalTiming.audible(240)).isEqualTo(6, within(1e-9));
        assertThat(TypicalTiming.audible(600)).isEqualTo(15, within(1e-9));
        assertThat(TypicalTiming.spread(500)).isEqualTo(20, within(1e-9));
        assertThat(TypicalTiming.trainedSpread(500)).isEqualTo(10, within(1e-9));
        assertThat(TypicalTiming.isEarlyAsOrdinary(new TimingSpread(50, -29, 5)))
                .isTrue();
        assertThat(TypicalTiming.isEarlyAsOrdinary(new TimingSpread(50, -31, 5)))
                .isFalse();
        assertThat(TypicalTiming.isEarlyAsOrdinary(new TimingSpread(50, 5, 5))).isFalse();
    }

    @Test
    void placesAreSaidAndTimedAsTheyAreHeard() {
        List<ExpectedHit> expected = expected(bar -> false, 1);
        assertThat(expected).hasSize(12 + 2 + 2 + 2);
        ExpectedHit last = expected.get(expected.size() - 1);
        // Eleven eighths at 96 quarters a minute: 11 x 312.5 ms.
        assertThat(last.at()).isEqualTo(3_437.5, within(1e-9));
        assertThat(last.spot().count()).isEqualTo("5");
        assertThat(last.spot().bar()).isEqualTo(1);
        assertThat(last.bar()).isEqualTo(1);
        assertThat(last.within()).isEqualTo(0.8, within(1e-9));
        assertThat(new ExpectedHits(GROOVE, 50, bar -> false).milliseconds(1)).isEqualTo(5_000, within(1e-9));
    }

    /** Means and deviations against Apache Commons Math, an independent library of statistics. */
    @Property
    void statisticsAreThoseOfAnotherLibrary(
            @ForAll @Size(min = 2, max = 60) List<@DoubleRange(min = -200, max = 200) Double> values) {
        DescriptiveStatistics other = new DescriptiveStatistics();
        values.forEach(other::addValue);
        TimingSpread spread = TimingSpread.of(values);
        assertThat(spread.mean()).isEqualTo(other.getMean(), within(1e-9));
        assertThat(spread.deviation()).isEqualTo(other.getStandardDeviation(), within(1e-9));
    }

    /** Lines through points against Apache Commons Math. */
    @Property
    void trendsAreThoseOfAnotherLibrary(
            @ForAll @Size(min = 5, max = 60) List<@DoubleRange(min = -200, max = 200) Double> values) {
        SimpleRegression other = new SimpleRegression();
        List<LinearTrend.Point> points = new ArrayList<>();
        for (int i = 0; i < values.size(); i++) {
            double x = (i * 7 % 11) / 10.0;
            points.add(new LinearTrend.Point(x, values.get(i)));
            other.addData(x, values.get(i));
        }
        LinearTrend trend = LinearTrend.through(points).orElseThrow();
        assertThat(trend.slope()).isEqualTo(other.getSlope(), within(1e-6));
        assertThat(trend.atZero()).isEqualTo(other.getIntercept(), within(1e-6));
        assertThat(trend.chance()).isEqualTo(other.getSlopeStdErr(), within(1e-6));
        assertThat(trend.scatter()).isEqualTo(Math.sqrt(other.getMeanSquareError()), within(1e-6));
    }

    /** In any order, with a habit of any size less than half a gap, every stroke finds its own place. */
    @Property(tries = 100)
    void everyStrokeFindsItsPlace(
            @ForAll @DoubleRange(min = -90, max = 90) double bias, @ForAll @IntRange(max = 1_000) int seed) {
        Random random = new Random(seed);
        List<ExpectedHit> expected = expected(bar -> false, 4);
        List<PlayedHit> taps = taps(expected, one -> bias + random.nextGaussian() * 12);
        Collections.shuffle(taps, random);
        Timing timing = timing(expected, taps);
        assertThat(timing.matching().missed()).isZero();
        assertThat(timing.matching().extra()).isZero();
        assertThat(timing.overall().mean()).isEqualTo(bias, within(6.0));
        assertThat(timing.matching().pairs()).allMatch(pair -> Math.abs(pair.late() - bias) < 70);
    }

    @Test
    void whatIsLeftOutIsMissedAndWhatIsTooManyIsExtra() {
        List<ExpectedHit> expected = expected(bar -> false, 4);
        List<PlayedHit> taps = taps(expected, one -> 3);
        taps.remove(10);
        taps.remove(20);
        taps.add(new PlayedHit(expected.get(30).at() + 150, expected.get(30).voice()));
        taps.add(new PlayedHit(500, Kit.COWBELL));
        HitMatching matching = HitMatching.of(expected, taps);
        assertThat(matching.missed()).isEqualTo(2);
        assertThat(matching.extra()).isEqualTo(2);
        assertThat(matching.pairs()).allMatch(pair -> Math.abs(pair.late() - 3) < 1e-6);
    }

    @Test
    void somebodyWhoTapsOnOneThingIsMatchedByTimeAlone() {
        List<ExpectedHit> expected = expected(bar -> false, 4);
        List<PlayedHit> taps = expected.stream()
                .map(ExpectedHit::at)
                .distinct()
                .map(at -> new PlayedHit(at - 25, Kit.WOODBLOCK))
                .toList();
        Timing timing = timing(expected, taps);
        assertThat(timing.matching().pairs()).hasSize(taps.size());
        assertThat(timing.overall().mean()).isEqualTo(-25, within(1e-6));
        assertThat(TimingAdvice.of(timing)).last().asString().contains("as trained players are");
    }

    @Test
    void somebodyWhoPlaysOneLineIsNotAskedForTheOthers() {
        List<ExpectedHit> expected = expected(bar -> false, 6);
        List<ExpectedHit> snare =
                expected.stream().filter(one -> one.voice().equals(Kit.SNARE)).toList();
        HitMatching matching = HitMatching.of(expected, taps(snare, one -> 12));
        assertThat(matching.pairs())
                .hasSameSizeAs(snare)
                .allMatch(pair -> pair.expected().voice().equals(Kit.SNARE));
        assertThat(matching.missed()).isZero();
    }

    @Test
    void aCountThatComesEarlyIsWhatToWorkOn() {
        List<ExpectedHit> expected = expected(bar -> false, 8);
        Random random = new Random(3);
        Timing timing = timing(
                expected,
                taps(
                        expected,
                        one -> random.nextGaussian() * 8
                                + (one.voice().equals(Kit.SNARE)
                                                && one.spot().count().equals("5")
                                                && one.spot().bar() == 0
                                        ? -45
                                        : 0)));
        assertThat(TimingAdvice.of(timing).get(0)).contains("5 of bar 1").contains("early");
        assertThat(TimingAdvice.hardest(timing, 3))
                .extracting(ExpectedHit.Spot::count)
                .startsWith("5");
    }

    @Test
    void aLimbThatDragsIsWhatToWorkOn() {
        List<ExpectedHit> expected = expected(bar -> false, 8);
        Random random = new Random(4);
        Timing timing = timing(
                expected, taps(expected, one -> random.nextGaussian() * 8 + (one.limb() == Limb.KICK_FOOT ? 30 : 0)));
        assertThat(timing.byLimb()).containsOnlyKeys(Limb.RIGHT_HAND, Limb.LEFT_HAND, Limb.KICK_FOOT);
        assertThat(TimingAdvice.of(timing).get(0)).contains("kick foot").contains("late");
    }

    @Test
    void rushingAfterTheBarLineIsFoundWithItsSize() {
        List<ExpectedHit> expected = expected(bar -> false, 16);
        Random random = new Random(5);
        Timing timing = timing(
                expected,
                taps(expected, one -> random.nextGaussian() * 6 - (one.within() == 0 ? 0 : 40 * (1 - one.within()))));
        assertThat(timing.rush().orElseThrow().slope()).isEqualTo(-40, within(6.0));
        assertThat(timing.scatter()).isEqualTo(6, within(1.5));
        assertThat(TimingAdvice.of(timing).get(0)).contains("bar line");
    }

    @Test
    void driftIsLookedForWhereTheClickIsSilent() {
        LongPredicate silent = bar -> bar % 8 >= 4;
        List<ExpectedHit> expected = expected(silent, 16);
        Random random = new Random(6);
        Timing timing = timing(
                expected,
                taps(
                        expected,
                        one -> random.nextGaussian() * 6
                                + (one.silent() == ExpectedHit.CLICKED ? 0 : -15 * (one.silent() + one.within()))));
        assertThat(timing.drift().orElseThrow().slope()).isEqualTo(-15, within(2.0));
        assertThat(TimingAdvice.of(timing).get(0))
                .contains("rush by 15 ms per bar")
                .contains("silent");
        assertThat(timing(expected(bar -> false, 4), taps(expected(bar -> false, 4), one -> 0))
                        .drift())
                .isEmpty();
    }

    @Test
    void nobodyIsScoldedForBeingHuman() {
        List<ExpectedHit> expected = expected(bar -> false, 12);
        Random random = new Random(7);
        Timing timing = timing(expected, taps(expected, one -> -20 + random.nextGaussian() * 11));
        assertThat(TimingAdvice.of(timing).get(0)).startsWith("In time");
        assertThat(TimingAdvice.of(timing(expected.subList(0, 4), taps(expected.subList(0, 4), one -> 0)))
                        .get(0))
                .startsWith("Too few");
        Timing wild = timing(expected, taps(expected, one -> random.nextGaussian() * 35));
        assertThat(TimingAdvice.of(wild).get(0)).contains("evenness");
        assertThat(Timing.of(HitMatching.of(expected, List.of()))).isEmpty();
    }

    /** Everything in the second group of each 7/8 bar 12 ms late, the rest on its place. */
    @Test
    void groupsAreTimedEachForItself() {
        List<ExpectedHit> expected = expected(bar -> false, 4);
        Timing timing = timing(
                expected,
                taps(expected, one -> one.spot().bar() == 0 && one.spot().beat() == 1 ? 12 : 0));
        assertThat(timing.byBeat().keySet()).containsExactly("1.1", "1.2", "1.3", "2.1", "2.2");
        timing.byBeat()
                .forEach((group, spread) ->
                        assertThat(spread.mean()).as(group).isEqualTo(group.equals("1.2") ? 12 : 0, within(1e-6)));
    }

    @Test
    void severalGoesAreOneMatching() {
        List<ExpectedHit> expected = expected(bar -> false, 2);
        List<PlayedHit> all = taps(expected, one -> 5);
        HitMatching whole = HitMatching.of(expected, all);
        HitMatching without = HitMatching.of(expected, all.subList(1, all.size()));
        HitMatching together = HitMatching.together(List.of(whole, without));
        assertThat(together.pairs())
                .hasSize(whole.pairs().size() + without.pairs().size());
        assertThat(together.missed()).isEqualTo(whole.missed() + without.missed());
        assertThat(without.missed()).isEqualTo(whole.missed() + 1);
        assertThat(together.extra()).isZero();
    }
}
