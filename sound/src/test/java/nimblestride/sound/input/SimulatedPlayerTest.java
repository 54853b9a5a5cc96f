package nimblestride.sound.input;

import static nimblestride.core.language.text.Examples.exercise;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.voice.Kit;
import nimblestride.core.language.text.TempoText;
import nimblestride.core.time.value.NoteValue;
import nimblestride.sound.kit.PadHit;
import nimblestride.sound.play.AudiblePosition;
import nimblestride.sound.render.ClickSettings;
import nimblestride.sound.render.PlaybackRequest;
import org.junit.jupiter.api.Test;

class SimulatedPlayerTest {
    /** At 60 quarters a minute: a thousandth of a whole note is 4 ms. */
    private static final Exercise EXERCISE =
            exercise("7/8", "kick every 1/8", "snare every 7/8 from 1/4").withTempo(TempoText.read("60"));

    /** Strikes as they come when the sound is heard from a moment on, a millisecond each time: when, in milliseconds. */
    private static List<Integer> strikes(TimingHabits habits, String layer, int percent, int milliseconds) {
        PlaybackRequest request = new PlaybackRequest(EXERCISE, ClickSettings.NONE).at(percent);
        List<Integer> times = new ArrayList<>();
        try (SimulatedPlayer standIn =
                new SimulatedPlayer(Optional::empty, () -> request, layer, habits, strike -> {})) {
            for (int i = 0; i < milliseconds; i++) {
                for (PadHit strike : standIn.hear(new AudiblePosition(0, i / 4_000.0 * percent / 100))) {
                    assertThat(strike.voice().name()).isEqualTo(layer);
                    times.add(i);
                }
            }
        }
        return times;
    }

    @Test
    void playsItsLayerInTimeWhereItHasNoHabits() {
        TimingHabits none = new TimingHabits(0, 0, 0, 1);
        assertThat(strikes(none, "kick", 100, 3_600)).containsExactly(0, 500, 1_000, 1_500, 2_000, 2_500, 3_000, 3_500);
        assertThat(strikes(none, "snare", 100, 5_000)).containsExactly(1_000, 4_500);
        assertThat(strikes(none, "kick", 50, 2_100)).containsExactly(0, 1_000, 2_000);
        assertThat(strikes(none, "nobody", 100, 1_000)).isEmpty();
        try (SimulatedPlayer first = new SimulatedPlayer(
                Optional::empty, () -> new PlaybackRequest(EXERCISE, ClickSettings.NONE), "", none, strike -> {})) {
            assertThat(first.hear(new AudiblePosition(0, 0)))
                    .extracting(strike -> strike.voice().name())
                    .containsExactly("kick");
        }
    }

    @Test
    void aBiasAndARushAfterTheBarLineAreHeardInMilliseconds() {
        assertThat(strikes(new TimingHabits(0, 20, 0, 1), "kick", 100, 1_100)).containsExactly(20, 520, 1_020);
        // Seven eighths: the second comes 6/7 of 35 ms early, the last 1/7; the 1 is in time.
        assertThat(strikes(new TimingHabits(0, 0, 35, 1), "kick", 100, 4_000))
                .containsExactly(0, 470, 975, 1_480, 1_985, 2_490, 2_995, 3_500, 3_970);
        assertThat(strikes(new TimingHabits(0, 20, 0, 1), "kick", 50, 1_100)).containsExactly(20, 1_020);
    }

    @Property(tries = 25)
    void strokesScatterAsFarAsIsSaid(
            @ForAll @IntRange(min = 1, max = 60) int spread,
            @ForAll @IntRange(min = -50, max = 50) int bias,
            @ForAll long seed) {
        TimingHabits habits = new TimingHabits(spread, bias, 0, seed);
        int strokes = 3_000;
        double sum = 0;
        double squares = 0;
        for (int i = 0; i < strokes; i++) {
            double late = habits.late(i, NoteValue.EIGHTH.times(i), EXERCISE.phrase());
            sum += late;
            squares += late * late;
        }
        double mean = sum / strokes;
        assertThat(mean).isCloseTo(bias, within(5.0 * spread / Math.sqrt(strokes)));
        assertThat(Math.sqrt(squares / strokes - mean * mean)).isCloseTo(spread, within(0.1 * spread));
        assertThat(habits.late(7, NoteValue.EIGHTH, EXERCISE.phrase()))
                .isEqualTo(new TimingHabits(spread, bias, 0, seed).late(7, NoteValue.EIGHTH, EXERCISE.phrase()));
    }

    @Test
    void refusesHabitsNobodyHas() {
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> new TimingHabits(-1, 0, 0, 1))
                .withMessage("set the spread from 0 to 100 milliseconds, not -1.0");
        assertThatExceptionOfType(StrideException.class).isThrownBy(() -> new TimingHabits(0, -101, 0, 1));
        assertThatExceptionOfType(StrideException.class).isThrownBy(() -> new TimingHabits(0, 0, Double.NaN, 1));
    }

    @Test
    void aPadsVelocityIsTheNearestLevel() {
        assertThat(PadHit.of(Kit.SNARE, 127).level()).isEqualTo(Dynamic.STRONG);
        assertThat(PadHit.of(Kit.SNARE, 90).level()).isEqualTo(Dynamic.NORMAL);
        assertThat(PadHit.of(Kit.SNARE, 1).level()).isEqualTo(Dynamic.GHOST);
    }
}
