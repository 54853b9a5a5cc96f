package nimblestride.sound.stretch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class StretcherTest {
    private static final int RATE = 44_100;

    private static StretchCourse at(double percent) {
        return new StretchCourse() {
            @Override
            public double sourceAt(double frame) {
                return frame * percent / 100;
            }

            @Override
            public double frameAt(double source) {
                return source * 100 / percent;
            }
        };
    }

    private static float[] played(SourceSamples source, double percent, double[] attacks, int count) {
        Stretcher stretcher = new Stretcher(source, at(percent), attacks, 0, RATE);
        float[] samples = new float[count];
        for (int i = 0; i < count; i++) {
            samples[i] = stretcher.next();
        }
        return samples;
    }

    /** The pitch by the zero crossings of ten seconds, in cents from the tone that was played. */
    @ParameterizedTest
    @CsvSource({"25, 220", "50, 82.4", "50, 440", "75, 1000", "90, 110", "120, 330"})
    void thePitchStays(double percent, double hertz) {
        float[] samples = played(
                index -> (float) Math.sin(2 * Math.PI * hertz * index / RATE), percent, new double[0], 10 * RATE);
        int first = -1;
        int last = -1;
        int crossings = 0;
        for (int i = RATE / 10; i < samples.length; i++) {
            if (samples[i - 1] < 0 && samples[i] >= 0) {
                first = first < 0 ? i : first;
                last = i;
                crossings++;
            }
        }
        double heard = (crossings - 1) * (double) RATE / (last - first);
        assertThat(1_200 * Math.log(heard / hertz) / Math.log(2)).isCloseTo(0, within(3.0));
    }

    /** Bursts of noise every 150 ms; each is heard once, within 5 ms of its exact frame. */
    @ParameterizedTest
    @ValueSource(doubles = {25, 40, 50, 73, 100, 120})
    void attacksFallOnTheirExactFrame(double percent) {
        int gap = 15 * RATE / 100;
        int bursts = 20;
        float[] source = new float[bursts * gap];
        SplittableRandom random = new SplittableRandom(1);
        for (int burst = 1; burst < bursts; burst++) {
            for (int i = 0; i < gap; i++) {
                source[burst * gap + i] = (float) (Math.exp(-i / 900.0) * random.nextDouble(-1, 1));
            }
        }
        double[] attacks =
                IntStream.range(1, bursts).mapToDouble(burst -> burst * gap).toArray();
        double slower = 100 / percent;
        float[] samples =
                played(index -> index < 0 || index >= source.length ? 0 : source[(int) index], percent, attacks, (int)
                        (source.length * slower));
        for (int burst = 1; burst < bursts; burst++) {
            int exact = (int) Math.round(burst * gap * slower);
            int from = exact - RATE / 25;
            int loudest = from;
            for (int i = from; i < exact + RATE / 25 && i < samples.length; i++) {
                loudest = Math.abs(samples[i]) > 0.8 && loudest == from ? i : loudest;
                if (i < exact - RATE / 200) {
                    assertThat(Math.abs(samples[i]))
                            .as("before burst %d", burst)
                            .isLessThan(0.3f);
                }
            }
            assertThat(loudest).isBetween(exact - RATE / 200, exact + RATE / 200);
        }
    }

    @Test
    void atItsOwnSpeedNothingChanges() {
        SplittableRandom random = new SplittableRandom(2);
        float[] source = new float[RATE];
        IntStream.range(0, RATE).forEach(i -> source[i] = (float) random.nextDouble(-1, 1));
        assertThat(played(index -> source[(int) Math.min(index, RATE - 1)], 100, new double[] {4_410, 5_000}, RATE - 1))
                .isEqualTo(java.util.Arrays.copyOf(source, RATE - 1));
    }

    /** A tone has no steps larger than its own steepest, so there are no clicks. */
    @Test
    void aToneIsStretchedWithoutClicks() {
        float[] samples = played(
                index -> (float) Math.sin(2 * Math.PI * 200 * index / RATE),
                60,
                new double[] {RATE, 1.2 * RATE, 1.9 * RATE},
                4 * RATE);
        for (int i = 1; i < samples.length; i++) {
            assertThat(Math.abs(samples[i] - samples[i - 1])).isLessThan(0.06f);
        }
    }
}
