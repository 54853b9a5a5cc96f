package nimblestride.sound.synthesis;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Comparator;
import java.util.stream.IntStream;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.voice.NamedVoices;
import nimblestride.core.kit.voice.Voice;
import nimblestride.sound.kit.Sample;
import nimblestride.sound.kit.SampleSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SynthesizedSoundsTest {
    private static final int RATE = 48_000;
    private static final SynthesizedSounds SOUNDS = new SynthesizedSounds(RATE);

    private static float loudest(Sample sound, int from, int to) {
        float loudest = 0;
        for (int i = from; i < Math.min(to, sound.length()); i++) {
            loudest = Math.max(loudest, Math.abs(sound.at(i)));
        }
        return loudest;
    }

    @Test
    void everyClickStartsAtOnceAndFadesAway() {
        for (int strength = 0; strength <= SampleSet.WEAKEST_CLICK; strength++) {
            Sample sound = SOUNDS.click(strength);
            assertThat(loudest(sound, 0, RATE / 100)).isBetween(0.05f, 1.6f);
            assertThat(loudest(sound, sound.length() - 20, sound.length())).isLessThan(0.01f);
            assertThat(sound.isOver(sound.length())).isTrue();
        }
    }

    /** How much of a sound is above its lows: the differences of its samples against the samples. */
    private static double brightness(Sample sound) {
        double all = 0;
        double differences = 0;
        for (int i = 1; i < sound.length(); i++) {
            all += sound.at(i) * sound.at(i);
            differences += Math.pow(sound.at(i) - sound.at(i - 1), 2);
        }
        return differences / all;
    }

    @Test
    void everyLevelOfTheClickHasASoundOfItsOwn() {
        assertThat(IntStream.rangeClosed(0, SampleSet.WEAKEST_CLICK)
                        .mapToObj(SOUNDS::click)
                        .map(SynthesizedSoundsTest::brightness)
                        .distinct())
                .hasSize(SampleSet.WEAKEST_CLICK + 1);
    }

    /** The A above the middle C, key 69, is 440 Hz (ISO 16, quoted from memory); counted from the held part's zeros. */
    @Test
    void aDroneIsInTuneAndIsHeldWithoutASeam() {
        Sample tone = SOUNDS.drone(69);
        int risings = 0;
        int seconds = 20;
        for (long i = 10L * RATE; i < (10L + seconds) * RATE; i++) {
            boolean rises = tone.after(i) < 0 && tone.after(i + 1) >= 0;
            risings += rises ? 1 : 0;
            assertThat(Math.abs(tone.after(i + 1) - tone.after(i))).isLessThan(0.08f);
        }
        assertThat(risings / (double) seconds).isBetween(439.5, 440.5);
        assertThat(tone.isOver(Long.MAX_VALUE)).isFalse();
        float[] block = new float[700];
        tone.mixInto(block, 0, 700, 3_600L * RATE, 2);
        assertThat(block[699]).isEqualTo(2 * tone.after(3_600L * RATE + 699));
    }

    /**
     * How alike a sound is to itself a number of samples later, from -1 to 1; a tone is most alike after each period.
     */
    private static double likeness(Sample sound, double later) {
        double product = 0;
        double one = 0;
        double other = 0;
        int whole = (int) later;
        double part = later - whole;
        for (int i = RATE / 50; i < RATE / 5; i++) {
            double after = (1 - part) * sound.at(i + whole) + part * sound.at(i + whole + 1);
            product += sound.at(i) * after;
            one += sound.at(i) * sound.at(i);
            other += after * after;
        }
        return product / Math.sqrt(one * other);
    }

    /** Equal temperament from 440 Hz for key 69 (ISO 16, quoted from memory), within five cents. */
    @ParameterizedTest
    @ValueSource(ints = {Voice.MIN_PITCH, 33, NamedVoices.USUAL_PITCH, 52, 69, Voice.MAX_PITCH})
    void aRiffIsPluckedInTune(int pitch) {
        Sample sound = SOUNDS.plucked(pitch, Dynamic.NORMAL, 0);
        double period = RATE / (440 * Math.pow(2, (pitch - 69) / 12.0));
        double cent = period * (Math.pow(2, 1 / 1200.0) - 1);
        double nearest = IntStream.rangeClosed(-50, 50)
                .mapToObj(cents -> period + cents * cent)
                .max(Comparator.comparingDouble(later -> likeness(sound, later)))
                .orElseThrow();
        assertThat(likeness(sound, nearest)).isGreaterThan(0.9);
        assertThat(Math.abs(nearest - period) / cent).isLessThan(5);
    }

    @Test
    void aHarderPluckIsBrighterAndARiffFadesAway() {
        int pitch = NamedVoices.USUAL_PITCH;
        assertThat(brightness(SOUNDS.plucked(pitch, Dynamic.STRONG, 0)))
                .isGreaterThan(brightness(SOUNDS.plucked(pitch, Dynamic.GHOST, 0)));
        Sample sound = SOUNDS.plucked(pitch, Dynamic.NORMAL, 1);
        assertThat(sound.samples())
                .isNotEqualTo(SOUNDS.plucked(pitch, Dynamic.NORMAL, 2).samples());
        assertThat(loudest(sound, 0, RATE / 100)).isBetween(0.05f, 0.6f);
        assertThat(loudest(sound, sound.length() - 20, sound.length())).isLessThan(0.01f);
    }

    /** At 11,025 Hz nothing above 5,512 Hz can be heard, and nothing comes back as another tone. */
    @Test
    void aSlowCardGetsNoToneItCantPlay() {
        Sample slow = new SynthesizedSounds(11_025).click(0);
        assertThat(loudest(slow, 0, 110)).isBetween(0.05f, 1.6f);
    }
}
