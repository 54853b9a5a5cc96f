package nimblestride.sound.render;

import static nimblestride.core.language.text.Examples.exercise;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.util.ArrayList;
import java.util.List;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.language.text.TempoText;
import nimblestride.core.time.value.NoteValue;
import nimblestride.sound.kit.Impulses;
import nimblestride.sound.recorded.RecordedKit;
import org.junit.jupiter.api.Test;

/** The shortest, the longest and the fastest that can be typed. */
class ExtremesTest {
    private static final int RATE = 48_000;

    private static List<Integer> onsets(PlaybackRequest request, int frames) {
        Renderer renderer = new Renderer(request, Impulses.ALIKE, RATE);
        float[] block = new float[frames];
        renderer.render(block, frames);
        List<Integer> heard = new ArrayList<>();
        for (int i = 0; i < frames; i++) {
            if (block[i] > 0) {
                heard.add(i);
            }
        }
        return heard;
    }

    /** A sixty-fourth at 999 quarters a minute is 180.18 samples. */
    @Test
    void aPhraseOfOneUnitAtTheFastestTempo() {
        Exercise exercise = exercise("1/64", "snare every 1/64").withTempo(TempoText.read("999"));
        List<Integer> heard = onsets(new PlaybackRequest(exercise, ClickSettings.DEFAULT), RATE);
        assertThat(heard).hasSize(267);
        for (int i = 0; i < heard.size(); i++) {
            assertThat(heard.get(i) - i * 60.0 * RATE / 16 / 999).isBetween(-0.5, 0.5);
        }
        assertThat(onsets(new PlaybackRequest(exercise, ClickSettings.DEFAULT).at(400), RATE))
                .hasSize(1_066);
    }

    /** A bar of a millionth of a whole note: hits too close to tell apart are left out, and nothing hangs. */
    @Test
    void barsCloserTogetherThanCanBeHeardArePassedOver() {
        Exercise exercise = exercise("1/1000000", "kick every 1/4").withTempo(TempoText.read("60"));
        assertThat(onsets(new PlaybackRequest(exercise, ClickSettings.DEFAULT), 2 * RATE))
                .hasSizeBetween(1_000, 4_100);
        assertThat(onsets(new PlaybackRequest(exercise, ClickSettings.NONE), RATE))
                .containsExactly(0);
    }

    /** Four hours: 2,880 bars of 5/4 at 60, begun near the end, to the sample. */
    @Test
    void aPhraseOfFourHours() {
        Exercise exercise = exercise("5/4 x2880", "claves every 3600/1").withTempo(TempoText.read("60"));
        NoteValue nearTheEnd = exercise.phrase().length().minus(NoteValue.of(5, 4));
        PlaybackRequest request = new PlaybackRequest(exercise, ClickSettings.NONE).from(new StartPoint(0, nearTheEnd));
        assertThat(onsets(request, 6 * RATE)).containsExactly(5 * RATE);
    }

    /** A single bar of more than two hours, ten thousand whole notes at 300, is laid out part by part. */
    @Test
    void aBarOfHours() {
        Exercise exercise = exercise("10000/1", "claves every 1/4").withTempo(TempoText.read("300"));
        PlaybackRequest request =
                new PlaybackRequest(exercise, ClickSettings.NONE).from(new StartPoint(0, NoteValue.of(9_999, 1)));
        List<Integer> heard = onsets(request, RATE);
        assertThat(heard).containsExactly(0, RATE / 5, 2 * RATE / 5, 3 * RATE / 5, 4 * RATE / 5);
    }

    @Test
    void moreThanAnybodyCouldHearIsLetGo() {
        Exercise exercise =
                exercise("4/4", "crash 1024 over 1/8", "ride 1024 over 1/8").withTempo(TempoText.read("240"));
        Renderer renderer =
                new Renderer(new PlaybackRequest(exercise, ClickSettings.NONE), RecordedKit.shipped(RATE), RATE);
        float[] block = new float[RATE / 4];
        renderer.render(block, block.length);
        for (float sample : block) {
            assertThat(sample).isBetween(-1f, 1f);
        }
    }

    @Test
    void aTakeBeginsWhereThereIsSomething() {
        Exercise exercise = exercise("4/4");
        assertThatExceptionOfType(StrideException.class).isThrownBy(() -> new StartPoint(-1, NoteValue.ZERO));
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(
                        () -> new PlaybackRequest(exercise, ClickSettings.NONE).from(new StartPoint(3, NoteValue.ZERO)))
                .withMessageContaining("start in one of its 1 sections, not in section 4");
    }
}
