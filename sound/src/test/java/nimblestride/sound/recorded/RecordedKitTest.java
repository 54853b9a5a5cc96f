package nimblestride.sound.recorded;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.HexFormat;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import nimblestride.core.kit.band.BandNote.Player;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.voice.Kit;
import nimblestride.core.kit.voice.Limb;
import nimblestride.core.kit.voice.NamedVoices;
import nimblestride.core.kit.voice.NoteheadShape;
import nimblestride.core.kit.voice.Voice;
import nimblestride.sound.kit.ClickSound;
import nimblestride.sound.kit.Sample;
import nimblestride.sound.kit.SampleSet;
import nimblestride.sound.loudness.LoudnessMeter;
import org.apache.commons.math3.complex.Complex;
import org.apache.commons.math3.transform.DftNormalization;
import org.apache.commons.math3.transform.FastFourierTransformer;
import org.apache.commons.math3.transform.TransformType;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

class RecordedKitTest {
    private static final int RATE = 48_000;
    private static final RecordedKit KIT = RecordedKit.shipped(RATE);
    private static final int TURNS = 4;
    private static final int BANDS = 21;
    private static final int WINDOW = 16_384;
    /** The least that two dynamics differ by in color, in decibels. */
    private static final double FLOOR = 0.5;

    private static List<Voice> recorded() {
        return Kit.voices().stream().toList();
    }

    private static float[] samples(Voice voice, Dynamic level, int turn) {
        Sample sample = KIT.voice(voice, level, turn);
        float[] samples = new float[sample.length()];
        for (int i = 0; i < samples.length; i++) {
            samples[i] = sample.at(i);
        }
        return samples;
    }

    @Test
    void everyVoiceIsRecordedAndTheRestIsMade() {
        StrokeRecordings shipped = new ShippedRecordings();
        assertThat(Kit.voices())
                .allMatch(voice -> shipped.stroke(voice, Dynamic.NORMAL).isPresent());
        assertThat(KIT.voice(NamedVoices.RIFF, Dynamic.NORMAL, 0).length()).isPositive();
        Voice gong = new Voice("river gong", 81, Limb.RIGHT_HAND, 5, NoteheadShape.NORMAL);
        assertThat(KIT.voice(gong, Dynamic.NORMAL, 0)).isSameAs(KIT.voice(Kit.MIDDLE_TOM, Dynamic.NORMAL, 0));
    }

    @Test
    void aVoiceOfOnesOwnSoundsLikeTheKitsWithItsKey() {
        Voice second = new Voice("second kick", 36, Limb.KICK_FOOT, -3, NoteheadShape.NORMAL);
        assertThat(difference(samples(second, Dynamic.ACCENT, 2), samples(Kit.KICK, Dynamic.ACCENT, 2)))
                .isLessThan(difference(samples(second, Dynamic.ACCENT, 2), samples(Kit.SNARE, Dynamic.ACCENT, 2)));
    }

    /** Each level of the click sounds different, on whatever it is played, and is as loud as its tone. */
    @ParameterizedTest
    @EnumSource
    void theClickIsAsLoudOnWoodAndMetal(ClickSound sound) {
        LoudnessMeter meter = new LoudnessMeter(RATE);
        Set<Integer> different = new HashSet<>();
        for (int strength = 0; strength <= SampleSet.WEAKEST_CLICK; strength++) {
            float[] click = KIT.click(sound, strength).samples();
            different.add(Arrays.hashCode(click));
            assertThat(meter.loudestMoment(click))
                    .isCloseTo(
                            meter.loudestMoment(
                                    KIT.click(ClickSound.TONES, strength).samples()),
                            within(0.1));
        }
        assertThat(different).hasSize(SampleSet.WEAKEST_CLICK + 1);
    }

    /** Equal temperament from 440 Hz for key 69 (ISO 16, quoted from memory), within ten cents, in all keys. */
    @ParameterizedTest
    @CsvSource({"BASS,28", "BASS,31", "BASS,36", "BASS,40", "BASS,45", "BASS,51", "CHORDS,55", "CHORDS,60", "CHORDS,67"
    })
    void theBandIsInTune(Player player, int key) {
        float[] tone = KIT.tone(player, key).samples();
        double period = RATE / (440 * Math.pow(2, (key - 69) / 12.0));
        double cent = period * (Math.pow(2, 1 / 1200.0) - 1);
        double nearest = IntStream.rangeClosed(-40, 40)
                .mapToObj(cents -> period + cents * cent)
                .max(Comparator.comparingDouble(later -> likeness(tone, later)))
                .orElseThrow();
        assertThat(Math.abs(nearest - period) / cent).isLessThan(10);
        assertThat(KIT.tone(player, key)).isSameAs(KIT.tone(player, key));
        assertThat(tone.length).isGreaterThan(RATE);
    }

    /** How alike a tone is to itself a number of samples later, after its attack. */
    private static double likeness(float[] tone, double later) {
        int whole = (int) (4 * later);
        double part = 4 * later - whole;
        double product = 0;
        double square = 0;
        for (int i = RATE / 10; i < RATE / 2; i++) {
            double after = (1 - part) * tone[i + whole] + part * tone[i + whole + 1];
            product += tone[i] * after;
            square += after * after;
        }
        return product / Math.sqrt(square);
    }

    /** A stroke is heard on its sample: where it first reaches a tenth of its peak, two milliseconds in at most. */
    @ParameterizedTest
    @MethodSource("recorded")
    void everyStrokeBeginsAtOnceAndEndsInSilence(Voice voice) {
        for (Dynamic level : Dynamic.values()) {
            float[] samples = samples(voice, level, 0);
            float peak = peak(samples);
            int onset = 0;
            while (Math.abs(samples[onset]) < peak / 10) {
                onset++;
            }
            assertThat(onset).as(level.title()).isLessThan(RATE / 500);
            assertThat(peak(Arrays.copyOfRange(samples, samples.length - 50, samples.length)))
                    .as(level.title())
                    .isLessThan(peak / 200);
        }
    }

    private static float peak(float[] samples) {
        float peak = 0;
        for (float sample : samples) {
            peak = Math.max(peak, Math.abs(sample));
        }
        return peak;
    }

    /** In LUFS over 0.4 s (Rec. ITU-R BS.1770-5), within one LU of what the mix asks for. */
    @ParameterizedTest
    @MethodSource("recorded")
    void everyVoiceIsAsLoudAsTheMixAsks(Voice voice) {
        LoudnessMeter meter = new LoudnessMeter(RATE);
        double snare = -16;
        for (Dynamic level : Dynamic.values()) {
            assertThat(meter.loudestMoment(samples(voice, level, 1)))
                    .as(level.title())
                    .isCloseTo(snare + VoiceLoudness.of(voice), within(1.0));
        }
    }

    /** The energy of a sound in thirds of an octave from 100 Hz to 12.8 kHz, in decibels above its average. */
    private static double[] color(float[] samples) {
        double[] padded = new double[WINDOW];
        for (int i = 0; i < Math.min(WINDOW, samples.length); i++) {
            padded[i] = samples[i];
        }
        Complex[] spectrum =
                new FastFourierTransformer(DftNormalization.STANDARD).transform(padded, TransformType.FORWARD);
        double[] bands = new double[BANDS];
        double average = 0;
        for (int band = 0; band < BANDS; band++) {
            int from = bin(band);
            double energy = 1e-12;
            for (int i = from; i < Math.max(from + 1, bin(band + 1)); i++) {
                energy += Math.pow(spectrum[i].abs(), 2);
            }
            bands[band] = 10 * Math.log10(energy);
            average += bands[band] / BANDS;
        }
        for (int band = 0; band < BANDS; band++) {
            bands[band] -= average;
        }
        return bands;
    }

    private static int bin(int band) {
        return (int) Math.round(100 * Math.pow(2, band / 3.0) * WINDOW / RATE);
    }

    /** How different two sounds are, whatever their level: the mean difference of their bands, in decibels. */
    private static double difference(float[] one, float[] other) {
        double[] ofOne = color(one);
        double[] ofOther = color(other);
        return IntStream.range(0, BANDS)
                .mapToDouble(band -> Math.abs(ofOne[band] - ofOther[band]))
                .average()
                .orElseThrow();
    }

    @ParameterizedTest
    @MethodSource("recorded")
    void softAndHardSoundDifferentEvenAtOneLevel(Voice voice) {
        List<Dynamic> dynamics = List.of(Dynamic.values());
        for (int i = 1; i < dynamics.size(); i++) {
            assertThat(difference(samples(voice, dynamics.get(i - 1), 0), samples(voice, dynamics.get(i), 0)))
                    .as(dynamics.get(i - 1).title() + " and " + dynamics.get(i).title())
                    .isGreaterThan(FLOOR);
        }
    }

    @ParameterizedTest
    @EnumSource
    void noTwoStrokesInARowAreTheSame(Dynamic level) {
        for (Voice voice : recorded()) {
            for (int turn = 0; turn < TURNS; turn++) {
                assertThat(difference(samples(voice, level, turn), samples(voice, level, turn + 1)))
                        .as(voice.name())
                        .isGreaterThan(0.005);
            }
            assertThat(KIT.voice(voice, level, TURNS + 1L)).isSameAs(KIT.voice(voice, level, 1));
        }
    }

    /** The same on every machine and every day: a hash of strokes, rounded to 16 bits. */
    @Test
    void theSameTurnIsTheSameStroke() throws Exception {
        MessageDigest hash = MessageDigest.getInstance("SHA-256");
        for (Voice voice : List.of(Kit.KICK, Kit.SNARE, Kit.RIDE)) {
            for (float sample : samples(voice, Dynamic.NORMAL, 1)) {
                hash.update(ByteBuffer.allocate(2)
                        .putShort((short) Math.round(sample * 8_192))
                        .array());
            }
        }
        assertThat(HexFormat.of().formatHex(hash.digest()).substring(0, 16)).isEqualTo("6b16c5cc958d898e");
    }

    @Test
    void theRecordingsComeWithTheirLicenseInLessThanTwelveMegabytes() throws IOException {
        try (InputStream license = RecordedKit.class.getResourceAsStream("LICENSE.txt")) {
            assertThat(new String(license.readAllBytes(), StandardCharsets.UTF_8))
                    .contains(
                            "AVL Drumkits",
                            "Attribution-ShareAlike 3.0 Unported",
                            "4. Restrictions",
                            "Frank Wen",
                            "Permission is hereby granted, free of charge");
        }
        long size;
        try (Stream<Path> files = Files.list(Path.of("src/main/resources/nimblestride/sound/recorded"))) {
            size = files.mapToLong(file -> file.toFile().length()).sum();
        }
        assertThat(size).isBetween(1_000_000L, 12_000_000L);
    }

    @Test
    void aSlowCardGetsTheSameKit() {
        RecordedKit slow = RecordedKit.shipped(11_025);
        double seconds = KIT.voice(Kit.SNARE, Dynamic.NORMAL, 0).length() / (double) RATE;
        assertThat(slow.voice(Kit.SNARE, Dynamic.NORMAL, 0).length() / 11_025.0).isCloseTo(seconds, within(0.05));
    }
}
