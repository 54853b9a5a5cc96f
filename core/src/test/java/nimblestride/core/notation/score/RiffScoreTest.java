package nimblestride.core.notation.score;

import static nimblestride.core.language.text.Examples.exercise;
import static org.assertj.core.api.Assertions.assertThat;

import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.notation.score.ScoreStyle.Lengths;
import org.junit.jupiter.api.Test;

class RiffScoreTest {
    private static final Exercise EXERCISE = exercise(
            "7/8(2+2+3), 4/4",
            "snare every 1/4 from 1/8 reset bar",
            "kick every 1/2",
            "\"bass line\" every 3/16",
            "riff every 1/1");

    @Test
    void eachRiffStandsOnALineByItselfInEveryBar() {
        Score score = ScoreWriter.write(EXERCISE, ScoreStyle.DEFAULT);
        assertThat(score.riffs()).extracting(riff -> riff.name()).containsExactly("bass line", "riff");
        WrittenBar second = score.bars().get(1);
        assertThat(second.parts()).hasSize(4);
        assertThat(second.riffOf(1)).isEmpty();
        assertThat(second.riffOf(2)).contains(EXERCISE.layers().get(2).voice());
        assertThat(second.isStemsUp(1)).isFalse();
        assertThat(second.isStemsUp(2)).isTrue();
        assertThat(second.hands().written()).allSatisfy(written -> assertThat(written.heads())
                .noneMatch(head -> head.voice().isRiff()));
    }

    @Test
    void aRiffRunsOverTheBarLineAsWrittenAlone() {
        ScoreStyle held = ScoreStyle.DEFAULT.with(Lengths.HELD);
        Score together = ScoreWriter.write(EXERCISE, held);
        Score alone = ScoreWriter.write(exercise("7/8(2+2+3), 4/4", "kick every 3/16"), held);
        assertThat(Shorthand.hands(together.ofRiff(EXERCISE.layers().get(2).voice())))
                .isEqualTo(Shorthand.hands(alone))
                .contains("~");
        assertThat(together.ofKit().bars())
                .allSatisfy(bar -> assertThat(bar.riffs()).isEmpty());
    }

    @Test
    void noStickingStandsUnderARiff() {
        Score score = ScoreWriter.write(
                exercise("4/4", "riff sticking R L of 1/8"), ScoreStyle.DEFAULT.with(ScoreStyle.Stickings.ALL));
        assertThat(score.bars().get(0).parts().get(1).written()).hasSize(8).allSatisfy(written -> assertThat(
                        score.style().stickingFor(written))
                .isEmpty());
    }

    @Test
    void aPageReadsBackWithItsRiffs() {
        Score score = ScoreWriter.write(EXERCISE, ScoreStyle.DEFAULT);
        assertThat(score.readBack().stream().filter(struck -> struck.head().layer() == 2))
                .hasSize(10);
    }
}
