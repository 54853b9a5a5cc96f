package nimblestride.sound.render;

import static nimblestride.core.text.Examples.exercise;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import nimblestride.core.exercise.Exercise;
import nimblestride.core.groove.Kit;
import nimblestride.core.groove.Voice;
import nimblestride.core.text.TempoText;
import nimblestride.sound.kit.Sound;
import nimblestride.sound.kit.SoundSet;
import org.junit.jupiter.api.Test;

class MixTest {
    private static final int RATE = 8_000;

    /** A single sample, positive for the kick, negative for everything else: what is heard can be read off its sign. */
    private static final SoundSet SIGNS = new SoundSet() {
        @Override
        public Sound voice(Voice voice) {
            return new Sound(voice.equals(Kit.KICK) ? 0.5f : -0.5f);
        }

        @Override
        public Sound click(int strength) {
            return new Sound(-0.125f);
        }
    };

    /** A kick on the 1 and a snare on the 3, at a quarter a second. */
    private static final Exercise EXERCISE =
            exercise("4/4", "kick every 1/1", "snare every 1/1 from 1/2").withTempo(TempoText.read("60"));

    private static float at(Mix mix, int second) {
        float[] block = new float[3 * RATE];
        new Renderer(new Take(EXERCISE, Click.NONE, 100, 0, mix, Optional.empty()), SIGNS, RATE)
                .render(block, block.length);
        return block[second * RATE];
    }

    @Test
    void layersAreAsLoudAsTheyAreToldToBeOrNotHeardAtAll() {
        float kick = at(Mix.EVEN, 0);
        float snare = at(Mix.EVEN, 2);
        assertThat(kick).isPositive();
        assertThat(snare).isNegative();
        assertThat(at(Mix.EVEN.withLevel("kick", 0.5), 0)).isCloseTo(kick / 2, within(1e-6f));
        assertThat(at(Mix.EVEN.withLevel("kick", 0.5), 2)).isEqualTo(snare);
        assertThat(at(Mix.EVEN.muting("snare", true), 2)).isZero();
        assertThat(at(Mix.EVEN.muting("snare", true), 0)).isEqualTo(kick);
        assertThat(at(Mix.EVEN.alone("snare", true), 0)).isZero();
        assertThat(at(Mix.EVEN.alone("snare", true), 2)).isEqualTo(snare);
        assertThat(at(Mix.EVEN.alone("snare", true).muting("snare", true), 2)).isZero();
        assertThat(at(Mix.EVEN.alone("snare", true).alone("snare", false), 0)).isEqualTo(kick);
    }

    @Test
    void theClickHasALevelOfItsOwn() {
        float[] block = new float[RATE];
        Take take =
                new Take(EXERCISE.withLayers(List.of()), Click.USUAL, 100, 0, Mix.EVEN.withClick(2), Optional.empty());
        new Renderer(take, SIGNS, RATE).render(block, block.length);
        float loud = block[0];
        new Renderer(new Take(take.exercise(), Click.USUAL), SIGNS, RATE).render(block, block.length);
        assertThat(loud).isCloseTo(2 * block[0], within(1e-6f)).isNegative();
    }

    @Test
    void refusesLevelsThatWouldHurt() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Mix.EVEN.withLevel("kick", 2.1))
                .withMessageContaining("2.1");
        assertThatIllegalArgumentException().isThrownBy(() -> Mix.EVEN.withClick(Double.NaN));
    }
}
