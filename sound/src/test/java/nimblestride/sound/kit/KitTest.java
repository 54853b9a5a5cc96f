package nimblestride.sound.kit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import nimblestride.core.kit.band.BandNote.Player;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.voice.Kit;
import nimblestride.core.kit.voice.Limb;
import nimblestride.core.kit.voice.NamedVoices;
import nimblestride.core.kit.voice.NoteheadShape;
import nimblestride.core.kit.voice.Voice;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class KitTest {
    private static final int RATE = 48_000;
    private static final SynthesizedKit KIT = new SynthesizedKit(RATE);

    private static float loudest(Sample sound, int from, int to) {
        float loudest = 0;
        for (int i = from; i < Math.min(to, sound.length()); i++) {
            loudest = Math.max(loudest, Math.abs(sound.at(i)));
        }
        return loudest;
    }

    @ParameterizedTest
    @EnumSource
    void everyVoiceSoundsStartsAtOnceAndFadesAway(Dynamic level) {
        List<Sample> sounds = new ArrayList<>(
                Kit.voices().stream().map(voice -> KIT.voice(voice, level, 0)).toList());
        IntStream.rangeClosed(0, SampleSet.WEAKEST_CLICK).mapToObj(KIT::click).forEach(sounds::add);
        for (Sample sound : sounds) {
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
    void aHarderStrokeSoundsBrighterAndNoTwoInARowAreTheSame() {
        for (Voice voice : List.of(Kit.SNARE, Kit.HI_HAT, Kit.CRASH, Kit.KICK)) {
            assertThat(brightness(KIT.voice(voice, Dynamic.STRONG, 0)))
                    .isGreaterThan(brightness(KIT.voice(voice, Dynamic.GHOST, 0)));
        }
        assertThat(KIT.voice(Kit.SNARE, Dynamic.NORMAL, 7)).isNotSameAs(KIT.voice(Kit.SNARE, Dynamic.NORMAL, 8));
        assertThat(KIT.voice(Kit.SNARE, Dynamic.NORMAL, 7)).isSameAs(KIT.voice(Kit.SNARE, Dynamic.NORMAL, 7));
        assertThat(KIT.voice(Kit.SNARE, Dynamic.NORMAL, -1).length()).isPositive();
    }

    @Test
    void everyLevelOfTheClickHasASoundOfItsOwn() {
        assertThat(IntStream.rangeClosed(0, SampleSet.WEAKEST_CLICK)
                        .mapToObj(KIT::click)
                        .map(KitTest::brightness)
                        .distinct())
                .hasSize(SampleSet.WEAKEST_CLICK + 1);
    }

    /** The A above the middle C, key 69, is 440 Hz (ISO 16, quoted from memory); counted from the held part's zeros. */
    @ParameterizedTest
    @EnumSource
    void aToneIsInTuneAndIsHeldWithoutASeam(Player player) {
        Sample tone = KIT.tone(player, 69);
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
        Sample sound = KIT.voice(Voice.riff("riff", pitch), Dynamic.NORMAL, 0);
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
        Voice riff = NamedVoices.RIFF;
        assertThat(brightness(KIT.voice(riff, Dynamic.STRONG, 0)))
                .isGreaterThan(brightness(KIT.voice(riff, Dynamic.GHOST, 0)));
        Sample sound = KIT.voice(riff, Dynamic.NORMAL, 1);
        assertThat(sound).isNotSameAs(KIT.voice(riff, Dynamic.NORMAL, 2));
        assertThat(loudest(sound, 0, RATE / 100)).isBetween(0.05f, 0.6f);
        assertThat(loudest(sound, sound.length() - 20, sound.length())).isLessThan(0.01f);
    }

    @Test
    void aVoiceOfOnesOwnIsHeard() {
        Voice gong = new Voice("river gong", 81, Limb.RIGHT_HAND, 5, NoteheadShape.NORMAL);
        assertThat(KIT.voice(gong, Dynamic.NORMAL, 0).length()).isPositive();
        assertThat(KIT.voice(new Voice("second kick", 36, Limb.KICK_FOOT, -3, NoteheadShape.NORMAL), Dynamic.NORMAL, 0))
                .isSameAs(KIT.voice(Kit.KICK, Dynamic.NORMAL, 0));
        CustomKit own = new CustomKit(KIT);
        Sample recording = new Sample(1, 0.5f);
        own.put("river gong", recording);
        assertThat(own.voice(gong, Dynamic.GHOST, 3)).isSameAs(recording);
        assertThat(own.voice(Kit.SNARE, Dynamic.GHOST, 3)).isSameAs(KIT.voice(Kit.SNARE, Dynamic.GHOST, 3));
        assertThat(own.voices()).containsExactly("river gong");
        own.remove("river gong");
        assertThat(own.voice(gong, Dynamic.GHOST, 3)).isSameAs(KIT.voice(gong, Dynamic.GHOST, 3));
    }

    @Test
    void aPartOfASetIsSilentButForItself() {
        assertThat(KIT.withoutClick().click(0).length()).isZero();
        assertThat(KIT.withoutClick().voice(Kit.KICK, Dynamic.NORMAL, 0).length())
                .isPositive();
        assertThat(KIT.clickAlone().click(0).length()).isPositive();
        assertThat(KIT.clickAlone().tone(Player.BASS, 40).length()).isZero();
    }
}
