package nimblestride.core.layer.crossing;

import static nimblestride.core.language.text.Examples.bars;
import static nimblestride.core.language.text.Examples.layer;
import static nimblestride.core.language.text.Examples.value;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import nimblestride.core.kit.sticking.LeadHand;
import nimblestride.core.kit.voice.Limb;
import nimblestride.core.layer.timeline.LayerTimeline;
import nimblestride.core.time.meter.Phrase;
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

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "16/16; ride every 1/8; 2; false",
                "4/4; ride every 3/16; 3; true",
                "4/4; ride cell x..x. of 1/16; 5; true",
                "8/8; ride every 1/12; 2; false",
                "16/16; ride every 16; 256; false",
                "64/64; ride every 3/64; 3; true"
            })
    void anOddNumberOfStrokesChangesTheHand(String typed, String layer, long strokes, boolean changes) {
        AlternatingHands hands = under(typed, layer).orElseThrow();
        assertThat(hands.strokesPerCycle()).isEqualTo(strokes);
        assertThat(hands.changes()).isEqualTo(changes);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "4/4; kick every 3/16",
                "4/4; ride 5 over bar",
                "4/4; snare sticking R L L of 1/8",
                "16/16; ride every 1/20",
                "16/16; ride every 3/128",
                "16/16; ride every 17",
                "1/4; ride every 1/4"
            })
    void otherLayersHaveNoHandsUnderThem(String typed, String layer) {
        assertThat(under(typed, layer)).isEmpty();
    }

    /** Counted out by hand: a late start and each step in the cell move the hand on. */
    @Test
    void everyHitOfTwoCyclesHasItsHand() {
        assertThat(under("4/4", "ride cell x..x. of 1/16 from 1/16")
                        .orElseThrow()
                        .hits())
                .containsExactly(Limb.LEFT_HAND, Limb.RIGHT_HAND, Limb.RIGHT_HAND, Limb.LEFT_HAND);
        assertThat(AlternatingHands.under(layer("ride every 3/16"), bars("4/4"), LeadHand.LEFT)
                        .orElseThrow()
                        .hits())
                .containsExactly(Limb.LEFT_HAND, Limb.RIGHT_HAND);
    }

    @Test
    void whatIsLeftOverAtAStopIsCounted() {
        Phrase phrase = bars("4/4");
        LayerTimeline timeline = LayerTimeline.of(layer("kick every 3/8 from 1/8"), phrase);
        assertThat(Remainder.of(timeline, value("1/8"))).isEqualTo(new Remainder(0, NoteValue.ZERO));
        assertThat(Remainder.of(timeline, value("1/16"))).isEqualTo(new Remainder(0, NoteValue.ZERO));
        assertThat(Remainder.of(timeline, value("1"))).isEqualTo(new Remainder(2, value("1/8")));
        assertThat(Remainder.of(timeline, value("1")).untilNextCycle(value("3/8")))
                .isEqualTo(value("1/4"));
        assertThat(Remainder.of(timeline, value("7/8")).untilNextCycle(value("3/8")))
                .isEqualTo(NoteValue.ZERO);
    }

    private static Optional<AlternatingHands> under(String typed, String layer) {
        return AlternatingHands.under(layer(layer), bars(typed), LeadHand.RIGHT);
    }
}
