package nimblestride.sound.recording;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
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

    /** Any two rates: the ratio is off by less than a millionth, so a minute by less than 60 microseconds. */
    @ParameterizedTest
    @CsvSource({"44123,48000", "55566.5,48000", "48000,11025"})
    void anyTwoRatesMeet(double from, int to) {
        float[] resampled = Resampler.between(from, to).resampled(new float[(int) (10 * from)]);
        assertThat(resampled.length / (double) to).isCloseTo((int) (10 * from) / from, within(1e-3));
    }

    /** A stream in blocks of any size is the same as the whole, as far as it has come out. */
    @ParameterizedTest
    @CsvSource({"48000,44100,256", "48000,44100,37", "44100,48000,256", "48000,11025,100"})
    void aStreamIsTheSameAsTheWhole(int from, int to, int block) {
        float[] samples = sine(440, from, from / 2);
        float[] whole = Resampler.between(from, to).resampled(samples);
        StreamResampler stream = new StreamResampler(from, to, block);
        float[] out = new float[stream.most(block)];
        int made = 0;
        for (int at = 0; at + block <= samples.length; at += block) {
            int count = stream.resample(Arrays.copyOfRange(samples, at, at + block), block, out);
            for (int i = 0; i < count; i++) {
                assertThat(out[i]).isEqualTo(whole[made++]);
            }
        }
        assertThat(made).isGreaterThan(whole.length - to / 100);
    }

    @Test
    void atItsOwnRateNothingChanges() {
        float[] samples = sine(440, 44_100, 1_000);
        assertThat(new Resampler(44_100, 44_100).resampled(samples)).containsExactly(samples, within(1e-6f));
    }
}
