package nimblestride.sound.recorded;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ResamplerTest {
    private static float[] sine(double frequency, int rate, int length) {
        float[] samples = new float[length];
        for (int i = 0; i < length; i++) {
            samples[i] = (float) Math.sin(2 * Math.PI * frequency * i / rate);
        }
        return samples;
    }

    /** A sine is the same sine at the other rate: what differs is 60 dB below it, away from the ends. */
    @ParameterizedTest
    @CsvSource({"44100,48000,100", "44100,48000,1000", "44100,48000,10000", "48000,44100,1000", "44100,11025,1000"})
    void aSineStaysWhatItIs(int from, int to, double frequency) {
        float[] resampled = new Resampler(from, to).resampled(sine(frequency, from, from));
        float[] wanted = sine(frequency, to, to);
        assertThat(resampled).hasSize(to);
        for (int i = to / 10; i < to * 9 / 10; i++) {
            assertThat(Math.abs(resampled[i] - wanted[i])).isLessThan(0.001f);
        }
    }

    /** What the new rate can't hold is left out, and does not come back as another tone. */
    @Test
    void whatIsTooHighIsLeftOut() {
        float[] resampled = new Resampler(44_100, 11_025).resampled(sine(9_000, 44_100, 44_100));
        for (int i = 1_000; i < 10_000; i++) {
            assertThat(Math.abs(resampled[i])).isLessThan(0.001f);
        }
    }

    @Test
    void atItsOwnRateNothingChanges() {
        float[] samples = sine(440, 44_100, 1_000);
        assertThat(new Resampler(44_100, 44_100).resampled(samples)).containsExactly(samples, within(1e-6f));
    }
}
