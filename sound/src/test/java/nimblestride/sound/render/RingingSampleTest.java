package nimblestride.sound.render;

import static nimblestride.core.language.text.Examples.exercise;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.kit.band.BackingBand;
import nimblestride.core.kit.band.BandKey;
import nimblestride.core.kit.band.BandNote.Player;
import nimblestride.core.kit.band.BandTime;
import nimblestride.core.kit.band.Mode;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.voice.Kit;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.language.text.TempoText;
import nimblestride.sound.kit.ClickSound;
import nimblestride.sound.kit.Sample;
import nimblestride.sound.kit.SampleSet;
import nimblestride.sound.recorded.RecordedKit;
import org.junit.jupiter.api.Test;

/** What becomes of sounds that have begun. */
class RingingSampleTest {
    private static final int RATE = 8_000;
    private static final float PLUCKED = 0.4f;

    /** The open hi-hat and riffs are levels that last two seconds, tones one that is held for ever; everything else is silent. */
    private static final SampleSet LEVELS = new SampleSet() {
        private final RecordedKit kit = RecordedKit.shipped(RATE);

        @Override
        public Sample voice(Voice voice, Dynamic level, long turn) {
            float[] samples = new float[2 * RATE];
            Arrays.fill(samples, voice.equals(Kit.OPEN_HI_HAT) ? 0.5f : voice.isRiff() ? PLUCKED : 0);
            return new Sample(samples);
        }

        @Override
        public Sample click(ClickSound sound, int strength) {
            return kit.click(sound, strength);
        }

        @Override
        public Sample tone(Player player, int midiKey) {
            return kit.tone(player, midiKey);
        }
    };

    private static float[] rendered(PlaybackRequest request, int seconds) {
        float[] block = new float[seconds * RATE];
        new Renderer(request, LEVELS, RATE).render(block, block.length);
        return block;
    }

    private static Exercise at60(String... layers) {
        return exercise("4/4", layers).withTempo(TempoText.read("60"));
    }

    @Test
    void anOpenHiHatRingsUntilItIsClosed() {
        float[] ringing = rendered(new PlaybackRequest(at60("open hi-hat every 1/1"), ClickSettings.NONE), 3);
        assertThat(ringing[RATE]).isPositive();
        assertThat(ringing[2 * RATE - 1]).isPositive();
        assertThat(ringing[2 * RATE]).isZero();
        for (String closing : new String[] {"hi-hat every 1/1 from 1/4", "foot hi-hat every 1/1 from 1/4"}) {
            float[] choked =
                    rendered(new PlaybackRequest(at60("open hi-hat every 1/1", closing), ClickSettings.NONE), 2);
            assertThat(choked[RATE - 1]).isEqualTo(ringing[RATE - 1]);
            // It fades within six thousandths of a second, and does not break off.
            for (int i = RATE; i < RATE + RATE * 6 / 1_000; i++) {
                assertThat(choked[i - 1] - choked[i]).isBetween(0f, 0.02f);
            }
            assertThat(choked[RATE + RATE * 6 / 1_000 + 1]).isZero();
        }
        float[] other = rendered(
                new PlaybackRequest(at60("open hi-hat every 1/1", "snare every 1/1 from 1/4"), ClickSettings.NONE), 2);
        assertThat(other[RATE + 200]).isEqualTo(ringing[RATE + 200]);
    }

    /** A string that is plucked again stops what it has sounded; another riff does not stop it. */
    @Test
    void aRiffPluckedAgainStopsItself() {
        float once = plucked("riff every 1/1")[RATE + RATE / 2];
        assertThat(once).isPositive();
        assertThat(plucked("riff every 1/4")[RATE + RATE / 2]).isEqualTo(once);
        Exercise two = at60("riff every 1/1", "\"bass line\" every 1/1 from 1/4");
        Exercise lower = two.withVoices(two.voices().withRiff(Voice.riff("bass line", 30)));
        float[] both = rendered(new PlaybackRequest(lower, ClickSettings.NONE), 2);
        assertThat(both[RATE + RATE / 2]).isEqualTo(2 * once);
    }

    private static float[] plucked(String... layers) {
        return rendered(new PlaybackRequest(at60(layers), ClickSettings.NONE), 2);
    }

    /** However it is cut into blocks, what is choked and what is let go sounds alike. */
    @Property(tries = 20)
    void blocksOfAnySizeGiveTheSameSamples(@ForAll @IntRange(min = 1, max = 3_000) int size) {
        BackingBand band =
                new BackingBand(BackingBand.Line.BASS_AND_CHORDS, new BandKey(2, Mode.DORIAN), BandTime.BEATS);
        PlaybackRequest request = new PlaybackRequest(
                        at60("open hi-hat every 3/16", "hi-hat every 1/4 from 1/32"), ClickSettings.DEFAULT)
                .with(band);
        float[] whole = rendered(request, 2);
        Renderer renderer = new Renderer(request, LEVELS, RATE);
        float[] block = new float[size];
        for (int done = 0; done + size <= whole.length; done += size) {
            renderer.render(block, size);
            for (int i = 0; i < size; i++) {
                assertThat(block[i]).isEqualTo(whole[done + i], within(1e-6f));
            }
        }
    }

    private static double loudness(float[] samples, double from, double to) {
        double squares = 0;
        for (int i = (int) (from * RATE); i < to * RATE; i++) {
            squares += samples[i] * samples[i];
        }
        return Math.sqrt(squares / ((to - from) * RATE));
    }

    /** A drone over a bar of 3/4 is held until the next one begins, and let go, in a moment, when the music ends. */
    @Test
    void theBandHoldsItsNotesAndLetsThemGo() {
        BackingBand band = new BackingBand(BackingBand.Line.DRONE, new BandKey(0, Mode.MAJOR), BandTime.BEATS);
        Exercise bars = exercise("3/4").withTempo(TempoText.read("60"));
        PlaybackRequest request = new PlaybackRequest(bars, ClickSettings.NONE).with(band);
        Renderer renderer = new Renderer(request, LEVELS, RATE);
        float[] block = new float[7 * RATE];
        renderer.render(block, block.length);
        assertThat(loudness(block, 2.5, 2.9)).isGreaterThan(0.03);
        assertThat(loudness(block, 6, 6.9)).isGreaterThan(0.03);
        renderer.end();
        renderer.render(block, block.length);
        assertThat(loudness(block, 0.06, 6.9)).isZero();
        float[] softer = rendered(request.mixed(Mix.EVEN.withBand(0.5)), 2);
        assertThat(loudness(softer, 0.5, 1.5)).isCloseTo(loudness(rendered(request, 2), 0.5, 1.5) / 2, within(1e-4));
        assertThat(loudness(rendered(request.mixed(Mix.EVEN.withBand(0)), 2), 0, 2))
                .isZero();
    }
}
