package nimblestride.sound.render;

import static nimblestride.core.language.text.Examples.exercise;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.function.IntToDoubleFunction;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.exercise.recording.BeatMap;
import nimblestride.core.exercise.recording.BeatMap.Beat;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.language.text.TempoText;
import nimblestride.core.time.value.Tempo;
import nimblestride.sound.kit.Impulses;
import nimblestride.sound.recording.PlayableRecording;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RecordingPlaybackTest {
    private static final int RATE = 44_100;
    private static final Exercise SEVENS = exercise("7/8(2+2+3)").withTempo(TempoText.read("1/8=240"));
    private static final int BARS = 8;

    /** The recording was played live: each bar is a little longer than the one before. */
    private static double barAt(int bar) {
        return 0.3 + 1.75 * bar + 0.01 * bar * bar;
    }

    private static BeatMap beats() {
        List<Beat> beats = new ArrayList<>();
        for (int bar = 0; bar <= BARS; bar++) {
            beats.add(new Beat(SEVENS.phrase().startOf(bar), barAt(bar), false));
        }
        return new BeatMap(beats);
    }

    private static PlayableRecording recording(double seconds, IntToDoubleFunction sample) {
        PlayableRecording recording = PlayableRecording.create();
        float[] samples = new float[(int) (seconds * RATE)];
        for (int i = 0; i < samples.length; i++) {
            samples[i] = (float) sample.applyAsDouble(i);
        }
        recording.add(samples, samples, samples.length, RATE);
        recording.end();
        return recording;
    }

    private static float[] rendered(PlaybackRequest request, double seconds, int rate) {
        float[] samples = new float[(int) (seconds * rate)];
        new Renderer(request, Impulses.ALIKE, rate).render(samples, samples.length);
        return samples;
    }

    /** A burst of noise on each 1 of the recording falls on the exact 1 of the exercise, whatever the tempo and the card. */
    @ParameterizedTest
    @CsvSource({"100, 44100", "50, 44100", "120, 44100", "25, 48000", "73, 96000"})
    void theRecordingFollowsTheBars(int percent, int rate) {
        SplittableRandom random = new SplittableRandom(3);
        List<Double> ones = new ArrayList<>();
        double[] sound = new double[20 * RATE];
        for (int bar = 0; bar < BARS; bar++) {
            ones.add(barAt(bar));
            int from = (int) Math.round(barAt(bar) * RATE);
            for (int i = 0; i < RATE / 5; i++) {
                sound[from + i] = 0.8 * Math.exp(-i / 2_000.0) * random.nextDouble(-1, 1);
            }
        }
        try (PlayableRecording recording = recording(20, i -> sound[i])) {
            PlaybackRequest request = new PlaybackRequest(SEVENS, ClickSettings.NONE)
                    .at(percent)
                    .along(new RecordingTrack(recording, beats(), ones, RecordingMix.EVEN));
            double bar = 1.75 * 100 / percent;
            float[] samples = rendered(request, 5 * bar, rate);
            for (int number = 1; number < 5; number++) {
                int exact = (int) Math.round(number * bar * rate);
                int heard = exact - rate / 10;
                while (Math.abs(samples[heard]) < 0.2) {
                    heard++;
                }
                assertThat(heard).isBetween(exact - rate / 200, exact + rate / 200);
            }
        }
    }

    /** Two bars of a tone repeat; at the seam the wave has no step that the tone has not, but for the fade. */
    @Test
    void aLoopHasNoClickAtItsSeam() {
        try (PlayableRecording recording = recording(20, i -> 0.9 * Math.sin(2 * Math.PI * 150.3 * i / RATE))) {
            PlaybackRequest request = new PlaybackRequest(SEVENS, ClickSettings.NONE)
                    .at(60)
                    .along(new RecordingTrack(recording, beats(), List.of(), RecordingMix.EVEN))
                    .looping(new Loop(3, 5));
            float[] samples = rendered(request, 20, RATE);
            for (int i = 1; i < samples.length; i++) {
                assertThat(Math.abs(samples[i] - samples[i - 1])).isLessThan(0.03f);
            }
        }
    }

    @Test
    void theBalanceTakesOneSideDownAndSidesAreTakenDown() {
        try (PlayableRecording recording = recording(4, i -> 0.5)) {
            PlaybackRequest request = new PlaybackRequest(exercise("4/4", "kick every 1/4"), ClickSettings.NONE);
            BeatMap steady = BeatMap.steady(0, Tempo.ofQuarters(120));
            RecordingTrack track = new RecordingTrack(recording, steady, List.of(), RecordingMix.EVEN);
            float[] both = rendered(request.along(track), 1, RATE);
            float[] none = rendered(request, 1, RATE);
            assertThat(both[1_000]).isGreaterThan(0.2f);
            assertThat(none[1_000]).isZero();
            RecordingTrack exerciseOnly =
                    new RecordingTrack(recording, steady, List.of(), RecordingMix.EVEN.balanced(0));
            assertThat(rendered(request.along(exerciseOnly), 1, RATE)).isEqualTo(none);
            RecordingTrack sidesOnly = new RecordingTrack(
                    recording, steady, List.of(), RecordingMix.EVEN.with(RecordingMix.Side.CENTER_DOWN));
            assertThat(rendered(request.along(sidesOnly), 1, RATE)).isEqualTo(none);
            RecordingTrack highOnly =
                    new RecordingTrack(recording, steady, List.of(), RecordingMix.EVEN.cut(true, false));
            assertThat(Math.abs(rendered(request.along(highOnly), 1, RATE)[20_000]))
                    .isLessThan(0.001f);
        }
        assertThatExceptionOfType(InvalidValueException.class).isThrownBy(() -> RecordingMix.EVEN.balanced(2));
    }

    /** A bar is counted in at 120, and the recording begins after its two seconds. */
    @Test
    void theRecordingIsSilentDuringTheCountIn() {
        try (PlayableRecording recording = recording(4, i -> 0.5)) {
            BeatMap steady = BeatMap.steady(0, Tempo.ofQuarters(120));
            PlaybackRequest request = new PlaybackRequest(
                            exercise("4/4").withTempo(Tempo.ofQuarters(120)), ClickSettings.NONE)
                    .along(new RecordingTrack(recording, steady, List.of(), RecordingMix.EVEN))
                    .countedIn(CountIn.of(1));
            float[] samples = rendered(request, 3, RATE);
            assertThat(samples[RATE + RATE / 3]).isZero();
            assertThat(samples[2 * RATE + RATE / 3]).isGreaterThan(0.2f);
        }
    }
}
