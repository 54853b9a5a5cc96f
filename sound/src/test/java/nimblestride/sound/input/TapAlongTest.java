package nimblestride.sound.input;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class TapAlongTest {
    @Test
    void theMiddleTapIsTheLatencyAndAStrayOneDoesNoHarm() {
        TapAlong taps = new TapAlong();
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
        TapAlong taps = new TapAlong();
        for (int i = 0; i < TapAlong.TAPS; i++) {
            taps.tap(-25);
        }
        assertThat(taps.latency()).hasValue(0);
    }
}
