package nimblestride.sound.recorded;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.List;
import java.util.stream.IntStream;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.voice.Kit;
import nimblestride.core.kit.voice.Limb;
import nimblestride.core.kit.voice.NamedVoices;
import nimblestride.core.kit.voice.NoteheadShape;
import nimblestride.core.kit.voice.Voice;
import nimblestride.sound.kit.Sample;
import nimblestride.sound.kit.SynthesizedKit;
import nimblestride.sound.loudness.LoudnessMeter;
import org.apache.commons.math3.complex.Complex;
import org.apache.commons.math3.transform.DftNormalization;
import org.apache.commons.math3.transform.FastFourierTransformer;
import org.apache.commons.math3.transform.TransformType;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

class RecordedKitTest {
    private static final int RATE = 48_000;
    private static final RecordedKit KIT = new RecordedKit(RATE);
    private static final int TURNS = 4;
    private static final int BANDS = 21;
    private static final int WINDOW = 16_384;
    /** The least that two dynamics differ by in color, in decibels. */
    private static final double FLOOR = 0.5;

    private static List<Voice> recorded() {
        return Kit.voices().stream()
                .filter(voice -> RecordedVoice.of(voice).isPresent())
                .toList();
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
    void allButTwoVoicesAreRecorded() {
        assertThat(Kit.voices().stream().filter(voice -> !recorded().contains(voice)))
                .containsExactly(Kit.WOODBLOCK, Kit.CLAVES);
        SynthesizedKit others = new SynthesizedKit(RATE);
        assertThat(KIT.voice(Kit.CLAVES, Dynamic.NORMAL, 0).length())
                .isEqualTo(others.voice(Kit.CLAVES, Dynamic.NORMAL, 0).length());
        assertThat(KIT.voice(NamedVoices.RIFF, Dynamic.NORMAL, 0).length()).isPositive();
        assertThat(KIT.click(0).length()).isEqualTo(others.click(0).length());
    }

    @Test
    void aVoiceOfOnesOwnSoundsLikeTheKitsWithItsKey() {
        Voice second = new Voice("second kick", 36, Limb.KICK_FOOT, -3, NoteheadShape.NORMAL);
        assertThat(KIT.voice(second, Dynamic.ACCENT, 2)).isSameAs(KIT.voice(Kit.KICK, Dynamic.ACCENT, 2));
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
                    .isCloseTo(snare + RecordedVoice.of(voice).orElseThrow().loudness(), within(1.0));
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
        assertThat(HexFormat.of().formatHex(hash.digest()).substring(0, 16)).isEqualTo("80d3b40cd39c6b6c");
    }

    @Test
    void theRecordingsComeWithTheirLicenseInLessThanTwelveMegabytes() throws IOException {
        try (InputStream license = RecordedKit.class.getResourceAsStream("LICENSE.txt")) {
            assertThat(new String(license.readAllBytes(), StandardCharsets.UTF_8))
                    .contains("AVL Drumkits", "Attribution-ShareAlike 3.0 Unported", "4. Restrictions");
        }
        long size = 0;
        for (Voice voice : recorded()) {
            String sound = RecordedVoice.of(voice).orElseThrow().sound();
            for (int layer : IntStream.rangeClosed(1, Recordings.LAYERS).toArray()) {
                try (InputStream in = RecordedKit.class.getResourceAsStream(sound + "-" + layer + ".flac")) {
                    size += in.readAllBytes().length;
                }
            }
        }
        assertThat(size).isBetween(1_000_000L, 12_000_000L);
    }

    @Test
    void aSlowCardGetsTheSameKit() {
        RecordedKit slow = new RecordedKit(11_025);
        double seconds = KIT.voice(Kit.SNARE, Dynamic.NORMAL, 0).length() / (double) RATE;
        assertThat(slow.voice(Kit.SNARE, Dynamic.NORMAL, 0).length() / 11_025.0).isCloseTo(seconds, within(0.05));
    }
}
