package nimblestride.sound.wav;

import static nimblestride.core.language.text.Examples.again;
import static nimblestride.core.language.text.Examples.exercise;
import static nimblestride.core.language.text.Examples.then;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.UnsupportedAudioFileException;
import nimblestride.core.exercise.analysis.Playthrough;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.language.text.TempoText;
import nimblestride.sound.kit.SampleSet;
import nimblestride.sound.recorded.RecordedKit;
import nimblestride.sound.render.ClickSettings;
import nimblestride.sound.render.CountIn;
import nimblestride.sound.render.PlaybackRequest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Every file is read back by {@code javax.sound.sampled}. */
class WavFileTest {
    private static final int RATE = WavFile.SAMPLE_RATE;
    private static final SampleSet KIT = RecordedKit.shipped(RATE);

    /** What was read back, one row of samples for each channel, from -1 to 1. */
    private static final class Back {
        private final AudioInputStream stream;
        private final float[][] samples;

        Back(AudioInputStream stream, float[][] samples) {
            this.stream = stream;
            this.samples = samples;
        }

        int firstFrom(int channel, int frame) {
            for (int i = frame; i < samples[channel].length; i++) {
                if (Math.abs(samples[channel][i]) > 1e-3) {
                    return i;
                }
            }
            return -1;
        }
    }

    private static Back back(WavFile file, PlaybackRequest request) throws IOException, UnsupportedAudioFileException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        file.write(request, KIT, out, WavFile.Progress.TO_THE_END);
        AudioInputStream stream = AudioSystem.getAudioInputStream(new ByteArrayInputStream(out.toByteArray()));
        byte[] bytes = stream.readAllBytes();
        int channels = stream.getFormat().getChannels();
        int width = stream.getFormat().getSampleSizeInBits() / 8;
        float[][] samples = new float[channels][bytes.length / width / channels];
        for (int i = 0; i < samples[0].length * channels; i++) {
            int value = bytes[(i + 1) * width - 1];
            for (int low = width - 2; low >= 0; low--) {
                value = (value << 8) | (bytes[i * width + low] & 255);
            }
            samples[i % channels][i / channels] = value / (float) (1 << (8 * width - 1));
        }
        return new Back(stream, samples);
    }

    @ParameterizedTest
    @CsvSource({"16, false", "24, false", "16, true", "24, true"})
    void isReadBackWithItsOnsetsOnTheirSamples(int bits, boolean apart) throws Exception {
        Exercise exercise = exercise("5/8", "claves every 3/8 from 1/16").withTempo(TempoText.read("120"));
        PlaybackRequest request = new PlaybackRequest(exercise, ClickSettings.DEFAULT).countedIn(CountIn.of(1));
        Back back = back(new WavFile(bits, apart, 1), request);
        assertThat(back.stream.getFormat().getSampleRate()).isEqualTo(RATE);
        assertThat(back.stream.getFormat().getSampleSizeInBits()).isEqualTo(bits);
        assertThat(back.samples).hasNumberOfRows(apart ? 2 : 1);
        // A bar is 1.25 s: one counted in, three until the claves are back, and two seconds that ring.
        assertThat(back.samples[0]).hasSize((int) (RATE * (1.25 + 3 * 1.25 + 2)));
        int clickChannel = apart ? 1 : 0;
        assertThat(back.firstFrom(clickChannel, 0)).isBetween(0, 20);
        if (apart) {
            int first = (int) (RATE * (1.25 + 0.125));
            assertThat(back.firstFrom(0, 0)).isBetween(first, first + 20);
            int second = (int) (RATE * (1.25 + 0.875));
            assertThat(back.firstFrom(0, second - 100)).isBetween(second, second + 20);
        }
        // Nothing begins after the end, not even the next 1.
        assertThat(back.firstFrom(0, (int) (RATE * 5.5))).isEqualTo(-1);
    }

    @Test
    void sectionsArePlayedAsOftenAsTheyShouldBe() throws Exception {
        Exercise a = exercise("4/4", "claves every 1/1").withTempo(TempoText.read("240"));
        Exercise piece = again(then(a, "1/4 = 1/2", 1, "4/4", "claves every 1/2"), "1/2 = 1/4", 1, 0);
        double once = Playthrough.of(piece).seconds().doubleValue();
        assertThat(once).isEqualTo(2.5);
        Back back = back(new WavFile(16, false, 2), new PlaybackRequest(piece, ClickSettings.NONE));
        assertThat(back.samples[0]).hasSize((int) (RATE * (2 * once + 2)));
        for (double second : new double[] {0, 1, 1.25, 1.5, 2.5, 3.5, 3.75, 4}) {
            int expected = (int) (second * RATE);
            assertThat(back.firstFrom(0, Math.max(0, expected - 100))).isBetween(expected, expected + 20);
        }
    }

    @Test
    void refusesWhatSuchAFileCannotHold() {
        PlaybackRequest longest = new PlaybackRequest(
                exercise("4/4 x90000", "kick every 1/1").withTempo(TempoText.read("1")), ClickSettings.NONE);
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> WavFile.DEFAULT.write(
                        longest, KIT, OutputStream.nullOutputStream(), WavFile.Progress.TO_THE_END))
                .withMessageContaining("a WAV file holds up to 372 minutes of this; it would be 360,000");
        assertThatExceptionOfType(StrideException.class).isThrownBy(() -> new WavFile(8, false, 1));
        assertThatExceptionOfType(StrideException.class).isThrownBy(() -> new WavFile(16, false, 0));
    }
}
