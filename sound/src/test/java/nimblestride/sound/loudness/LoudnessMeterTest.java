package nimblestride.sound.loudness;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import nimblestride.sound.filter.Biquad;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class LoudnessMeterTest {
    private static float[] sine(double frequency, double level, double seconds, int rate) {
        float[] samples = new float[(int) (seconds * rate)];
        for (int i = 0; i < samples.length; i++) {
            samples[i] = (float) (level * Math.sin(2 * Math.PI * frequency * i / rate));
        }
        return samples;
    }

    /** Tables 1 and 2 of Rec. ITU-R BS.1770-5, for 48,000 samples per second; quoted from memory. */
    @Test
    void theFiltersAreThoseOfTheStandard() {
        assertThat(Biquad.head(48_000).coefficients())
                .containsExactly(
                        new double[] {
                            1.53512485958697, -2.69169618940638, 1.19839281085285, -1.69065929318241, 0.73248077421585
                        },
                        within(1e-8));
        assertThat(Biquad.lowCut(48_000).coefficients())
                .containsExactly(new double[] {1, -2, 1, -1.99004745483398, 0.99007225036621}, within(1e-8));
    }

    /** "If a 0 dB FS, 997 Hz sine wave is applied to one input, the indicated loudness will equal -3.01" (annex 1). */
    @ParameterizedTest
    @ValueSource(ints = {11_025, 44_100, 48_000, 96_000})
    void aFullSineHasTheLoudnessTheStandardSays(int rate) {
        assertThat(new LoudnessMeter(rate).of(sine(997, 1, 5, rate))).isCloseTo(-3.01, within(0.05));
    }

    /**
     * EBU Tech 3341, case 1: 1 kHz at -23 dBFS on both channels has -23 LUFS, so on one channel 3.01 less; case 2 with
     * -33. Quoted from memory.
     */
    @ParameterizedTest
    @CsvSource({"-23,-26.01", "-33,-36.01"})
    void tenDecibelsAreTenUnits(double level, double loudness) {
        assertThat(new LoudnessMeter(48_000).of(sine(1_000, Math.pow(10, level / 20), 20, 48_000)))
                .isCloseTo(loudness, within(0.1));
    }

    @Test
    void aMomentIsTheLoudestFourTenthsOfASecond() {
        float[] samples = new float[96_000];
        float[] loud = sine(997, 1, 0.4, 48_000);
        System.arraycopy(loud, 0, samples, 30_000, loud.length);
        LoudnessMeter meter = new LoudnessMeter(48_000);
        assertThat(meter.loudestMoment(samples)).isCloseTo(-3.01, within(0.1));
        assertThat(meter.loudestMoment(sine(997, 1, 0.1, 48_000))).isCloseTo(-3.01 - 6.02, within(0.1));
        assertThat(meter.loudestMoment(new float[100])).isEqualTo(Double.NEGATIVE_INFINITY);
    }
}
