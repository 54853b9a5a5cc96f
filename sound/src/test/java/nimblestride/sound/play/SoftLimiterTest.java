package nimblestride.sound.play;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class SoftLimiterTest {
    @Test
    void loudSumsAreBentBelowFullScaleInTheirOrderAndTheRestStays() {
        float[] block = {0, 0.5f, -0.98f, 1, 1.5f, 50, -50, 7};
        SoftLimiter.limit(block, 7);
        assertThat(block).startsWith(0, 0.5f, -0.98f);
        assertThat(block[3]).isGreaterThan(0.98f).isLessThan(block[4]);
        assertThat(block[5]).isGreaterThan(block[4]).isLessThanOrEqualTo(1);
        assertThat(block[6]).isEqualTo(-block[5]);
        assertThat(block[7]).isEqualTo(7);
    }
}
