package nimblestride.sound.render;

import static nimblestride.core.language.text.Examples.exercise;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.function.UnaryOperator;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.kit.voice.Kit;
import nimblestride.core.language.text.TempoText;
import nimblestride.sound.kit.Impulses;
import nimblestride.sound.kit.SampleSet;
import org.junit.jupiter.api.Test;

class MixTest {
    private static final int RATE = 8_000;

    /** A single sample, positive for the kick, negative for everything else: what is heard can be read off its sign. */
    private static final SampleSet SIGNS =
            new Impulses(voice -> voice.equals(Kit.KICK) ? 0.5 : -0.5, strength -> -0.125, 0.25);

    /** A kick on the 1 and a snare on the 3, at a quarter a second. */
    private static final Exercise EXERCISE =
            exercise("4/4", "kick every 1/1", "snare every 1/1 from 1/2").withTempo(TempoText.read("60"));

    private static Mix layers(UnaryOperator<Mix.Levels> change) {
        return Mix.EVEN.layers(change);
    }

    private static float at(Mix mix, int second) {
        float[] block = new float[3 * RATE];
        new Renderer(new PlaybackRequest(EXERCISE, ClickSettings.NONE).mixed(mix), SIGNS, RATE)
                .render(block, block.length);
        return block[second * RATE];
    }

    @Test
    void layersAreAsLoudAsTheyAreToldToBeOrNotHeardAtAll() {
        float kick = at(Mix.EVEN, 0);
        float snare = at(Mix.EVEN, 2);
        assertThat(kick).isPositive();
        assertThat(snare).isNegative();
        assertThat(at(layers(levels -> levels.with("kick", 0.5)), 0)).isCloseTo(kick / 2, within(1e-6f));
        assertThat(at(layers(levels -> levels.with("kick", 0.5)), 2)).isEqualTo(snare);
        assertThat(at(layers(levels -> levels.muting("snare", true)), 2)).isZero();
        assertThat(at(layers(levels -> levels.muting("snare", true)), 0)).isEqualTo(kick);
        assertThat(at(layers(levels -> levels.alone("snare", true)), 0)).isZero();
        assertThat(at(layers(levels -> levels.alone("snare", true)), 2)).isEqualTo(snare);
        assertThat(at(layers(levels -> levels.alone("snare", true).muting("snare", true)), 2))
                .isZero();
        assertThat(at(layers(levels -> levels.alone("snare", true).alone("snare", false)), 0))
                .isEqualTo(kick);
    }

    @Test
    void howLoudVoicesAreLastsAndWhatIsMutedDoesNot() {
        Mix mix = Mix.EVEN
                .withClick(0.3)
                .withBand(1.2)
                .layers(levels -> levels.with("kick", 0.5).muting("snare", true))
                .voices(levels -> levels.with("ride", 0.7).muting("ride", true).alone("kick", true));
        assertThat(mix.lasting())
                .isEqualTo(Mix.EVEN.withClick(0.3).withBand(1.2).voices(levels -> levels.with("ride", 0.7)));
        assertThat(mix.lasting().voices().of("ride")).isEqualTo(0.7);
        assertThat(mix.lasting().layers()).isEqualTo(Mix.Levels.EVEN);
    }

    /** A voice has its level in whatever layer it plays. */
    @Test
    void voicesHaveLevelsOfTheirOwn() {
        float kick = at(Mix.EVEN, 0);
        float snare = at(Mix.EVEN, 2);
        assertThat(at(Mix.EVEN.voices(levels -> levels.with("snare", 0.5)), 2)).isCloseTo(snare / 2, within(1e-6f));
        assertThat(at(Mix.EVEN.voices(levels -> levels.alone("kick", true)), 2)).isZero();
        assertThat(at(Mix.EVEN.voices(levels -> levels.alone("kick", true)), 0)).isEqualTo(kick);
        assertThat(at(layers(levels -> levels.with("kick", 0.5)).voices(levels -> levels.with("kick", 0.5)), 0))
                .isCloseTo(kick / 4, within(1e-6f));
    }

    @Test
    void theClickHasALevelOfItsOwn() {
        float[] block = new float[RATE];
        PlaybackRequest request =
                new PlaybackRequest(EXERCISE.withLayers(List.of()), ClickSettings.DEFAULT).mixed(Mix.EVEN.withClick(2));
        new Renderer(request, SIGNS, RATE).render(block, block.length);
        float loud = block[0];
        new Renderer(new PlaybackRequest(request.exercise(), ClickSettings.DEFAULT), SIGNS, RATE)
                .render(block, block.length);
        assertThat(loud).isCloseTo(2 * block[0], within(1e-6f)).isNegative();
    }

    @Test
    void refusesLevelsThatWouldHurt() {
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> layers(levels -> levels.with("kick", 2.1)))
                .withMessageContaining("2.1");
        assertThatExceptionOfType(StrideException.class).isThrownBy(() -> Mix.EVEN.withClick(Double.NaN));
    }
}
