package nimblestride.sound.render;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.SplittableRandom;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class LookAheadLimiterTest {
    private static final int RATE = 48_000;

    private static float[] limited(float[] samples, int size) {
        LookAheadLimiter limiter = new LookAheadLimiter(RATE);
        float[] all = samples.clone();
        for (int from = 0; from < all.length; from += size) {
            float[] block = Arrays.copyOfRange(all, from, Math.min(all.length, from + size));
            limiter.limit(block, block.length);
            System.arraycopy(block, 0, all, from, block.length);
        }
        return all;
    }

    private static float[] noise(long seed, int length, float most) {
        SplittableRandom random = new SplittableRandom(seed);
        float[] noise = new float[length];
        for (int i = 0; i < length; i++) {
            noise[i] = (float) (random.nextDouble(-1, 1) * (i / 4_800 % 2 == 0 ? most : 0.3));
        }
        return noise;
    }

    @Property(tries = 40)
    void nothingIsEverAboveTheCeiling(@ForAll long seed, @ForAll @IntRange(min = 1, max = 30) int loud) {
        for (float sample : limited(noise(seed, 30_000, loud), 512)) {
            assertThat(Math.abs(sample)).isLessThanOrEqualTo(LookAheadLimiter.CEILING + 1e-6f);
        }
    }

    @Test
    void whatIsSoftEnoughComesOutUnchangedThreeMillisecondsLater() {
        float[] soft = noise(1, 20_000, 0.9f);
        float[] out = limited(soft, 100);
        int late = 3 * RATE / 1_000;
        assertThat(new LookAheadLimiter(RATE).ahead()).isEqualTo(late);
        assertThat(Arrays.copyOfRange(out, late, out.length)).isEqualTo(Arrays.copyOf(soft, soft.length - late));
    }

    /** It turns down before a peak and lets go after it: in between, the gain moves by small steps. */
    @Test
    void theGainNeverJumps() {
        float[] steady = new float[40_000];
        Arrays.fill(steady, 0.5f);
        steady[20_000] = 4;
        float[] out = limited(steady, 333);
        int late = 3 * RATE / 1_000;
        assertThat(out[20_000 + late])
                .isLessThanOrEqualTo(LookAheadLimiter.CEILING)
                .isGreaterThan(0.9f);
        for (int i = late + 1; i < out.length; i++) {
            if (i != 20_000 + late && i != 20_001 + late) {
                assertThat(Math.abs(out[i] - out[i - 1])).isLessThan(0.005f);
            }
        }
        assertThat(out[19_000]).isEqualTo(0.5f);
        assertThat(out[39_999]).isBetween(0.48f, 0.5f);
    }

    @Property(tries = 20)
    void blocksOfAnySizeGiveTheSame(@ForAll @IntRange(min = 1, max = 2_000) int size) {
        float[] noise = noise(7, 9_000, 3);
        assertThat(limited(noise, size)).isEqualTo(limited(noise, noise.length));
    }
}
