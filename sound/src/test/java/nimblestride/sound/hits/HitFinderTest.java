package nimblestride.sound.hits;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;
import java.util.TreeSet;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.language.text.BarsText;
import nimblestride.core.language.text.LayerText;
import nimblestride.core.language.text.TempoText;
import nimblestride.core.transcription.recording.Band;
import nimblestride.core.transcription.recording.HeardHit;
import nimblestride.core.transcription.recording.KnownAbout;
import nimblestride.core.transcription.recording.RecordingMeters;
import nimblestride.sound.recorded.RecordedKit;
import nimblestride.sound.render.ClickSettings;
import nimblestride.sound.render.Mix;
import nimblestride.sound.render.PlaybackRequest;
import nimblestride.sound.render.Renderer;
import nimblestride.sound.wav.WavFile;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class HitFinderTest {
    private static final int RATE = HitFinder.RATE;
    private static final RecordedKit KIT = RecordedKit.shipped(RATE);

    @TempDir
    private Path folder;

    private static PlaybackRequest piece(Mix mix) {
        Exercise exercise = new Exercise(
                "Barn",
                BarsText.read("11/8(3+3+3+2)"),
                List.of(
                        LayerText.read("kick cell x.....x.... of 1/8"),
                        LayerText.read("snare cell ...X..g..X. of 1/8"),
                        LayerText.read("hi-hat every 1/8")),
                TempoText.read("1/8=240"));
        return new PlaybackRequest(exercise, ClickSettings.NONE).mixed(mix);
    }

    private static float[] rendered(Mix mix, int seconds) {
        float[] samples = new float[seconds * RATE];
        new Renderer(piece(mix), KIT, RATE).render(samples, samples.length);
        return samples;
    }

    private static List<HeardHit> hits(float[] samples, int block) {
        HitFinder finder = new HitFinder();
        for (int from = 0; from < samples.length; from += block) {
            int to = Math.min(samples.length, from + block);
            finder.hear(Arrays.copyOfRange(samples, from, to), to - from);
        }
        finder.end();
        return finder.hits(0.5);
    }

    /** How well hits agree with every quarter of a second: the F-measure within 25 ms. */
    private static double agreement(List<HeardHit> hits, int seconds) {
        TreeSet<Integer> found = new TreeSet<>();
        int wrong = 0;
        for (HeardHit hit : hits) {
            int nearest = (int) Math.round(hit.at() * 4);
            boolean right = Math.abs(hit.at() - nearest / 4.0) <= 0.025 && found.add(nearest);
            wrong += right ? 0 : 1;
        }
        int missed = 4 * seconds - found.size();
        return 2.0 * found.size() / (2.0 * found.size() + wrong + missed);
    }

    /** Every eighth is played, so a hit is due every quarter of a second. */
    @Test
    void theHitsOfTheKitAreFound() {
        assertThat(agreement(hits(rendered(Mix.EVEN, 30), 4_096), 30)).isGreaterThanOrEqualTo(0.98);
    }

    /** Noise 20 dB below the music, and a room. */
    @Test
    void noiseAndARoomHideFew() {
        float[] samples = rendered(Mix.IN_A_ROOM, 30);
        double squares = 0;
        for (float sample : samples) {
            squares += sample * sample;
        }
        double level = Math.sqrt(squares / samples.length) / 10 * Math.sqrt(3);
        SplittableRandom random = new SplittableRandom(1);
        for (int i = 0; i < samples.length; i++) {
            samples[i] += (float) (level * random.nextDouble(-1, 1));
        }
        assertThat(agreement(hits(samples, 4_096), 30)).isGreaterThanOrEqualTo(0.92);
    }

    @Test
    void aHitIsInTheBandOfItsDrum() {
        List<HeardHit> hits = hits(rendered(Mix.EVEN, 6), 4_096);
        assertThat(hits.get(0).at()).isCloseTo(0, within(0.025));
        assertThat(hits.get(0).in(Band.LOW)).isGreaterThan(0.5);
        assertThat(hits.get(1).band()).isEqualTo(Band.HIGH);
        assertThat(hits.get(3).in(Band.MIDDLE)).isGreaterThan(0.5);
        assertThat(hits).allMatch(hit -> hit.strength() >= 0 && hit.strength() <= 1);
    }

    @ParameterizedTest
    @CsvSource({"1000", "220", "7777"})
    void blocksOfAnySizeGiveTheSameHits(int block) {
        float[] samples = rendered(Mix.EVEN, 4);
        assertThat(hits(samples, block)).isEqualTo(hits(samples, samples.length));
    }

    @Test
    void severalThreadsFindTheSameHits() {
        float[] samples = rendered(Mix.EVEN, 10);
        ExecutorService threads = Executors.newFixedThreadPool(4);
        HitFinder finder = new HitFinder(RATE, threads).hear(samples, samples.length);
        finder.end();
        threads.shutdown();
        assertThat(finder.hits(0.5)).isEqualTo(hits(samples, 4_096));
    }

    @Test
    void silenceHasNoHitsAndMoreAreFoundTheMoreSensitive() {
        assertThat(hits(new float[3 * RATE], 4_096)).isEmpty();
        float[] samples = rendered(Mix.IN_A_ROOM, 10);
        List<Integer> found = new ArrayList<>();
        for (double sensitivity : new double[] {0, 0.5, 1}) {
            HitFinder finder = new HitFinder();
            finder.hear(samples, samples.length);
            finder.end();
            found.add(finder.hits(sensitivity).size());
        }
        assertThat(found).isSorted();
        assertThat(found.get(0)).isLessThan(found.get(2));
    }

    /** A file at another rate than the finder's, from beginning to end: length, hits, and meter. */
    @Test
    void aFileIsHeardWhole() throws IOException {
        Path file = folder.resolve("barn.wav");
        try (OutputStream out = Files.newOutputStream(file)) {
            new WavFile(16, false, 8)
                    .write(piece(Mix.EVEN), RecordedKit.shipped(WavFile.SAMPLE_RATE), out, WavFile.Progress.TO_THE_END);
        }
        HeardRecording heard = HeardRecording.of(file);
        assertThat(heard.seconds()).isCloseTo(8 * 11 * 0.25 + 2, within(0.01));
        assertThat(heard.hits()).hasSizeBetween(86, 90);
        assertThat(RecordingMeters.of(heard.hits(), heard.seconds(), KnownAbout.NOTHING)
                        .get(0)
                        .phrase())
                .isEqualTo(BarsText.read("11/8(3+3+3+2)"));
    }

    /** Ten hours and more by its header: it is refused by its length, and nothing is read. */
    @Test
    void aFileOfManyHoursIsRefusedByItsLength() throws IOException {
        Path file = folder.resolve("endless.wav");
        try (AudioInputStream stream = new AudioInputStream(
                new ByteArrayInputStream(new byte[1_000]), new AudioFormat(8_000, 8, 1, false, false), 1_000)) {
            AudioSystem.write(stream, AudioFileFormat.Type.WAVE, file.toFile());
        }
        byte[] bytes = Files.readAllBytes(file);
        ByteBuffer.wrap(bytes).order(ByteOrder.LITTLE_ENDIAN).putInt(40, Integer.MAX_VALUE - 100);
        Files.write(file, bytes);
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> HeardRecording.of(file))
                .withMessageContaining("endless.wav lasts more than 3 hours");
    }
}
