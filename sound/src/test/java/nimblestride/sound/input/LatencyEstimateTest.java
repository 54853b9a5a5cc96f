package nimblestride.sound.input;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class LatencyEstimateTest {
    @Test
    void theMiddleTapIsTheLatencyAndAStrayOneDoesNoHarm() {
        LatencyEstimate taps = new LatencyEstimate();
        for (double late : new double[] {42, 38, 40, 44, 300, 36, 39}) {
            taps.tap(late);
            assertThat(taps.latency()).isEmpty();
        }
        assertThat(taps.missing()).isEqualTo(1);
        taps.tap(41);
        assertThat(taps.latency()).hasValue(41);
    }

    @Test
    void somebodyWhoTapsAheadOfTheClickHearsItAtOnce() {
        LatencyEstimate taps = new LatencyEstimate();
        for (int i = 0; i < LatencyEstimate.TAPS; i++) {
            taps.tap(-25);
        }
        assertThat(taps.latency()).hasValue(0);
    }
}
