package nimblestride.core.insight.family;

import static nimblestride.core.language.text.Examples.bars;
import static nimblestride.core.language.text.Examples.exercise;
import static nimblestride.core.language.text.Examples.layer;
import static nimblestride.core.language.text.Examples.value;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.tuple;

import java.util.List;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.language.text.LayerText;
import nimblestride.core.layer.alignment.Alignment;
import nimblestride.core.layer.crossing.BarByBar;
import nimblestride.core.layer.crossing.CrossBarPulse;
import nimblestride.core.layer.crossing.Displacement;
import nimblestride.core.layer.pattern.Layer;
import org.junit.jupiter.api.Test;

class FamilyTest {
    private static List<String> layers(Family family, int index) {
        return family.members().stream()
                .map(member -> LayerText.write(member.exercise().layers().get(index)))
                .toList();
    }

    @Test
    void displacementsComeOnBeatsFirstThenHalfway() {
        Family family = DisplacementFamily.easiestFirst(exercise("4/4", "ride every 1/4", "kick cell x..x. of 1/8"), 1);
        assertThat(family.members())
                .extracting(Family.Member::label, Family.Member::why)
                .containsExactly(
                        tuple("from 1", "on the beat"),
                        tuple("from 2", "on the beat"),
                        tuple("from 3", "on the beat"),
                        tuple("from 1&", "halfway between beats"),
                        tuple("from 2&", "halfway between beats"));
        assertThat(family.members().get(3).exercise().name()).endsWith(", from 1&");
        assertThat(layers(DisplacementFamily.onEachUnit(exercise("5/8", "kick every 3/16"), 0), 0))
                .containsExactly(
                        "kick every 3/16",
                        "kick every 3/16 from 1/8",
                        "kick every 3/16 from 1/4",
                        "kick every 3/16 from 3/8",
                        "kick every 3/16 from 1/2");
    }

    @Test
    void accentsArePlayedAloneAndLeftOut() {
        assertThat(layers(AccentFamily.of(exercise("4/4", "snare every 3/8"), 0), 0))
                .containsExactly(
                        "snare cell Xxx of 1/8",
                        "snare cell Xgg of 1/8",
                        "snare cell X.. of 1/8",
                        "snare cell .xx of 1/8");
        assertThat(layers(AccentFamily.of(exercise("4/4", "snare sticking >R L R >L of 1/16"), 0), 0))
                .containsExactly(
                        "snare sticking >R L R >L of 1/16",
                        "snare sticking >R (L) (R) >L of 1/16",
                        "snare sticking >R . . >L of 1/16",
                        "snare sticking . L R . of 1/16");
        assertThat(AccentFamily.of(exercise("4/4", "snare cell X.X of 1/8"), 0).members())
                .hasSize(3);
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> AccentFamily.of(exercise("4/4", "snare 5 over bar"), 0))
                .withMessageContaining("snare has no fixed length to accent");
    }

    @Test
    void metersComeInTheOrderInWhichTheLayerIsHome() {
        Family family = MeterFamily.of(
                exercise("4/4", "kick every 3/8"), 0, bars("4/4, 7/8, 6/8, 4/4").bars());
        assertThat(family.members())
                .extracting(Family.Member::label)
                .containsExactly("against 6/8", "against 4/4", "against 7/8");
        assertThat(family.members())
                .extracting(Family.Member::why)
                .containsExactly("fits each bar", "3-bar cycle", "3-bar cycle");
    }

    @Test
    void aBackBeatIsFeltOnTheLayersOwnPulse() {
        Exercise exercise = exercise("4/4", "kick every 3/8 from 1/8");
        Family family = ImpliedModulations.of(exercise, 0);
        assertThat(family.members()).hasSize(6);
        assertThat(family.members().get(0).exercise().layers())
                .extracting(LayerText::write)
                .containsExactly(
                        "hi-hat cell Xxx of 1/8 from 1/8",
                        "foot hi-hat every 1/4",
                        "kick every 3/4 from 1/8",
                        "snare every 3/4 from 1/2");
        assertThat(family.why()).contains("may lose the 1");
        // Half-time: the back-beat comes half as often.
        assertThat(family.members().get(5).exercise().layers())
                .extracting(LayerText::write)
                .containsExactly(
                        "hi-hat cell Xxx of 1/8 from 1/8", "kick every 3/2 from 1/8", "snare every 3/2 from 7/8");
    }

    @Test
    void aPulseIsThreadedThroughOddBars() {
        List<CrossBarPulse> pulses = CrossBarPulse.through(bars("11/8"));
        CrossBarPulse quarter = pulses.stream()
                .filter(one -> one.pulse().equals(value("1/4")))
                .findFirst()
                .orElseThrow();
        assertThat(quarter.home()).isEqualTo(2);
        assertThat(quarter.bars()).extracting(BarByBar::sits).containsExactly(BarByBar.Sits.ON, BarByBar.Sits.OFF);
        assertThat(LayerText.write(quarter.layer())).isEqualTo("foot hi-hat every 1/4");
        assertThat(pulses).extracting(CrossBarPulse::home).isSorted();
        assertThat(pulses).noneMatch(one -> one.pulse().equals(value("1/8")));
    }

    @Test
    void aLayerStartsSoThatItLandsWhereItIsWanted() {
        Layer layer = layer("kick every 5/16");
        for (long bar = 0; bar < 20; bar++) {
            Layer late = layer.withOffset(Displacement.landingOn(layer, bars("10/8 x2, 9/16"), bar));
            Alignment alignment = Alignment.of(late, bars("10/8 x2, 9/16"));
            assertThat(alignment.landings()).contains(bar % 15);
            assertThat(late.offset()).isLessThan(value("5/16"));
        }
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> Displacement.landingOn(layer("kick every 5/16 reset bar"), bars("7/8"), 2))
                .withMessageContaining("a layer that resets can't land elsewhere; set its reset to never first");
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> Displacement.landingOn(layer("kick 3 over bar"), bars("7/8"), 2))
                .withMessageContaining("spread over bars");
    }

    @Test
    void aLayerIsMovedByUnitsAndRoundItsOwnCycle() {
        Layer layer = layer("kick every 5/16 from 1/8");
        assertThat(Displacement.by(layer, bars("4/4"), 3).offset()).isEqualTo(value("5/16"));
        assertThat(Displacement.by(layer, bars("4/4"), -2).offset()).isEqualTo(value("0"));
        assertThat(Displacement.by(layer, bars("4/4"), -3).offset()).isEqualTo(value("1/4"));
        assertThat(Displacement.by(layer, bars("4/4"), -12).offset()).isEqualTo(value("0"));
        assertThat(Displacement.by(layer("kick 5 over bar from 1/4"), bars("4/4"), -9)
                        .offset())
                .isEqualTo(value("0"));
    }
}
