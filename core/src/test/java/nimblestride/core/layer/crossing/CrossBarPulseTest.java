package nimblestride.core.layer.crossing;

import static nimblestride.core.language.text.Examples.bars;
import static nimblestride.core.language.text.Examples.layer;
import static nimblestride.core.language.text.Examples.value;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import nimblestride.core.time.value.NoteValue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CrossBarPulseTest {
    /** Arithmetic: quarters cross 7/8, and are back on 1 after two bars; eighths fit every bar. */
    @Test
    void pulsesThatCrossComeHomeSoonestFirst() {
        List<CrossBarPulse> pulses = CrossBarPulse.through(bars("7/8"));
        assertThat(pulses)
                .extracting(pulse -> pulse.pulse().toString() + " home in " + pulse.home())
                .containsExactly(
                        "1/4 home in 2",
                        "3/8 home in 3",
                        "3/16 home in 3",
                        "1/2 home in 4",
                        "5/16 home in 5",
                        "3/4 home in 6");
        assertThat(pulses.get(0).bars()).hasSize(2);
        assertThat(pulses.get(0).layer()).isEqualTo(layer("foot hi-hat every 1/4"));
        assertThat(CrossBarPulse.through(bars("1/8"))).isEmpty();
        assertThat(CrossBarPulse.through(bars("6/4")))
                .extracting(CrossBarPulse::pulse)
                .containsExactly(value("5/16"));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "7/8; kick every 1/4; 1/4",
                "7/8, 5/8; kick every 3/8; 3/8",
                "7/8; kick every 3/16; -",
                "6/8; kick every 1/4; -",
                "7/8, 4/4; kick every 1/4; -",
                "7/8; kick cell x. of 1/8; -"
            })
    void aLayerIsAPulseWhereItIsSteadyOverUnevenBeats(String typed, String layer, String pulse) {
        Optional<NoteValue> expected = pulse.equals("-") ? Optional.empty() : Optional.of(value(pulse));
        assertThat(CrossBarPulse.of(layer(layer), bars(typed))).isEqualTo(expected);
    }
}
