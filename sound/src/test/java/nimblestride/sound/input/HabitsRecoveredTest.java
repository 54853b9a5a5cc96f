package nimblestride.sound.input;

import static nimblestride.core.language.text.Examples.exercise;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.language.text.TempoText;
import nimblestride.core.practice.timing.ExpectedHit;
import nimblestride.core.practice.timing.ExpectedHits;
import nimblestride.core.practice.timing.HitMatching;
import nimblestride.core.practice.timing.PlayedHit;
import nimblestride.core.practice.timing.Timing;
import nimblestride.core.time.value.NoteValue;

/** The habits a stand-in player is given, found again in what it plays. */
class HabitsRecoveredTest {
    private static final Exercise EXERCISE =
            exercise("7/8, 5/8", "hi-hat every 1/8").withTempo(TempoText.read("1/8=220"));
    private static final int PHRASES = 60;

    /**
     * How many standard errors a difference may have: of 150 tries with four checks each, chance alone fails one run in
     * 40,000.
     */
    private static final double ERRORS = 5.5;

    /**
     * Checks 720 strokes each time. A mean is off by the spread over the root of that, and a standard deviation by the
     * spread over the root of twice that; the slope of the rush, whose places lie between 0.14 and 0.86 of the bar, by
     * its own standard error.
     */
    @Property(tries = 150)
    void spreadBiasAndRushAreFoundAgain(
            @ForAll @DoubleRange(min = 0, max = 25) double spread,
            @ForAll @DoubleRange(min = -60, max = 60) double bias,
            @ForAll @DoubleRange(min = 0, max = 60) double rush,
            @ForAll long seed) {
        TimingHabits habits = new TimingHabits(spread, bias, rush, seed);
        List<ExpectedHit> expected = new ExpectedHits(EXERCISE, 100, bar -> false)
                .between(
                        Set.of("hi-hat"),
                        NoteValue.ZERO,
                        EXERCISE.phrase().length().times(PHRASES));
        List<PlayedHit> taps = new ArrayList<>();
        for (int i = 0; i < expected.size(); i++) {
            ExpectedHit one = expected.get(i);
            NoteValue at = NoteValue.of(i, 8);
            taps.add(new PlayedHit(one.at() + habits.late(i, at, EXERCISE.phrase()), one.voice()));
        }
        Timing timing = Timing.of(HitMatching.of(expected, taps)).orElseThrow();
        assertThat(timing.matching().pairs()).hasSize(expected.size());
        double mean = ERRORS * spread / Math.sqrt(expected.size()) + 0.1;
        assertThat(timing.rush().orElseThrow().slope())
                .isEqualTo(-rush, within(ERRORS * timing.rush().get().chance() + 0.1));
        assertThat(timing.rush().get().scatter()).isEqualTo(spread, within(mean));
        // Those on the 1 never rush, and show the bias alone.
        double onTheLine = timing.matching().pairs().stream()
                .filter(pair -> pair.expected().within() == 0)
                .mapToDouble(HitMatching.Pair::late)
                .average()
                .orElseThrow();
        assertThat(onTheLine).isEqualTo(bias, within(ERRORS * spread / Math.sqrt(2.0 * PHRASES) + 0.1));
    }
}
