package nimblestride.core.layer.crossing;

import static nimblestride.core.language.text.Examples.bars;
import static nimblestride.core.language.text.Examples.layer;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import nimblestride.core.kit.sticking.LeadHand;
import nimblestride.core.kit.voice.Limb;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AlternatingHandsTest {
    private static Optional<AlternatingHands> under(String typed, String layer) {
        return AlternatingHands.under(layer(layer), bars(typed), LeadHand.RIGHT);
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
}
