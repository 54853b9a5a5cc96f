package nimblestride.sound.hits;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.voice.Kit;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.transcription.recording.HeardHit;
import nimblestride.core.transcription.recording.VoiceGuess;
import nimblestride.sound.recorded.RecordedKit;
import nimblestride.sound.room.Room;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LiveHitFinderTest {
    private static final int RATE = LiveHitFinder.RATE;
    private static final RecordedKit KIT = RecordedKit.shipped(RATE);
    private static final int GAP = RATE / 4;

    /** A hit, when it was reported, and how loud it was. */
    private record Report(HeardHit hit, double reported, double loudest) {}

    /** Somebody hits something four times a second in a room, for fifteen seconds; the first hit comes after one. */
    private static float[] played(double noise, boolean inRoom, Voice... voices) {
        float[] samples = new float[16 * RATE];
        for (int hit = 0; hit < 56; hit++) {
            float[] sound = KIT.voice(voices[hit % voices.length], hit % 4 == 0 ? Dynamic.ACCENT : Dynamic.NORMAL, hit)
                    .samples();
            int from = RATE + hit * GAP;
            for (int i = 0; i < sound.length && from + i < samples.length; i++) {
                samples[from + i] += sound[i] / 2;
            }
        }
        if (inRoom) {
            new Room(RATE).answer(samples, samples.length, 1.5f);
        }
        SplittableRandom random = new SplittableRandom(1);
        for (int i = 0; i < samples.length; i++) {
            samples[i] += (float) (noise * random.nextDouble(-1, 1));
        }
        return samples;
    }

    private static List<Report> heard(float[] samples, int block) {
        LiveHitFinder finder = new LiveHitFinder();
        List<Report> reports = new ArrayList<>();
        for (int from = 0; from + block <= samples.length; from += block) {
            finder.hear(
                    Arrays.copyOfRange(samples, from, from + block),
                    block,
                    (hit, loudest) -> reports.add(new Report(hit, (double) finder.heard() / RATE, loudest)));
        }
        return reports;
    }

    /** Almost every hit is heard within 25 ms of where it is, and each is reported within 30 ms. */
    @ParameterizedTest
    @CsvSource({"0, false", "0.001, true", "0.004, true"})
    void hitsAreReportedWithinThirtyMilliseconds(double noise, boolean inRoom) {
        List<Report> reports = heard(played(noise, inRoom, Kit.KICK, Kit.HI_HAT, Kit.SNARE, Kit.HI_HAT), 64);
        long right = reports.stream()
                .filter(report -> report.hit.at() > 0.9)
                .filter(report -> {
                    double late = (report.hit.at() - 1) * RATE / GAP;
                    return Math.abs(late - Math.rint(late)) * GAP / RATE <= 0.025;
                })
                .count();
        assertThat(right).isGreaterThanOrEqualTo(54);
        assertThat(reports).hasSizeLessThanOrEqualTo(60);
        assertThat(reports).allMatch(report -> report.reported - report.hit.at() <= 0.030);
    }

    /** After the first few hits, kick, snare, and hi-hat are known. */
    @Test
    void theVoicesOfAKitAreGuessed() {
        Voice[] voices = {Kit.KICK, Kit.HI_HAT, Kit.SNARE, Kit.HI_HAT};
        List<Report> reports = heard(played(0.0005, true, voices), 64);
        assertThat(reports).hasSizeGreaterThanOrEqualTo(54);
        for (Report report : reports.subList(8, reports.size())) {
            int number = (int) Math.round((report.hit.at() - 1) * RATE / GAP);
            assertThat(VoiceGuess.of(report.hit)).isEqualTo(voices[number % voices.length]);
            assertThat(report.loudest).isBetween(0.02, 1.0);
        }
    }

    @Test
    void anEmptyRoomIsSilent() {
        SplittableRandom random = new SplittableRandom(4);
        float[] noise = new float[10 * RATE];
        for (int i = 0; i < noise.length; i++) {
            noise[i] = (float) (0.003 * random.nextDouble(-1, 1));
        }
        assertThat(heard(noise, 64)).isEmpty();
        assertThat(heard(new float[RATE], 64)).isEmpty();
    }
}
