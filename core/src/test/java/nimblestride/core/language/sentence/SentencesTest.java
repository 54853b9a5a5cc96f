package nimblestride.core.language.sentence;

import static nimblestride.core.language.text.Examples.exercise;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import nimblestride.core.exercise.edit.LayerOrder;
import nimblestride.core.exercise.edit.SectionEdits;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.exercise.model.SectionContent;
import nimblestride.core.language.text.Examples;
import nimblestride.core.language.text.PivotText;
import nimblestride.core.language.text.StageText;
import org.junit.jupiter.api.Test;

/** Rows of lists read as sentences. */
class SentencesTest {
    private static String layer(String bars, String layer) {
        return LayerSentence.of(exercise(bars, layer), 0);
    }

    @Test
    void aLayerSaysWhatItPlaysAndFromWhere() {
        assertThat(layer("10/8, 9/16", "kick every 5/16 from 1/8"))
                .isEqualTo("Kick: every 5 sixteenths, from 2 of bar 1");
        assertThat(layer("7/8", "ride every 3/16 reset bar")).isEqualTo("Ride: dotted eighths, restarts every bar");
        assertThat(layer("7/8 x4", "ride every 3/16 reset bars 1 3"))
                .isEqualTo("Ride: dotted eighths, restarts in bars 1 and 3");
        assertThat(layer("4/4", "snare 5 over bar")).isEqualTo("Snare: 5 over the bar");
    }

    @Test
    void aStageSaysWhatToPlayAndHowFast() {
        Exercise weir = exercise("7/8", "kick every 1/4", "ride every 1/8");
        assertThat(StageSentence.of(weir, StageText.read("count aloud at 50 %")))
                .isEqualTo("Count aloud, at 50 %: 48 BPM (quarters)");
        assertThat(StageSentence.of(weir, StageText.read("all limbs of kick, ride in 3+2 at 75 %")))
                .isEqualTo("All limbs, only kick, ride, after 3 bars of time, 2 in a row, at 75 %: 72 BPM (quarters)");
        assertThat(StageSentence.of(weir, StageText.read("right hand solo in free time")))
                .isEqualTo("Right hand solo, fills where you like, at 100 %: 96 BPM (quarters)");
        assertThat(StageSentence.of(weir, StageText.read("displaced by 1")))
                .isEqualTo("Everything 1 eighth late, at 100 %: 96 BPM (quarters)");
        assertThat(StageSentence.of(weir, StageText.read("inner bar 2")))
                .isEqualTo("Inner bar 2 over and over, at 100 %: 96 BPM (quarters)");
    }

    @Test
    void aSectionSaysItsBarsItsTempoAndHowItCameToIt() {
        Exercise two = SectionEdits.add(
                exercise("4/4"),
                1,
                new SectionContent("B", Examples.bars("7/8"), List.of()),
                4,
                PivotText.read("1/4 = 3/8"));
        assertThat(SectionSentence.of(two, 0)).endsWith(": 4/4, 96 BPM (quarters)");
        assertThat(SectionSentence.of(two, 1))
                .isEqualTo("B: 7/8, 4 times, 144 BPM (quarters), quarter = dotted quarter");
        Exercise many = exercise("2/4, 3/4, 4/4, 5/4, 6/4, 7/4, 8/4, 9/4, 10/4, 11/4, 12/4, 13/4, 14/4");
        assertThat(SectionSentence.of(many, 0)).contains("…, 96 BPM (quarters)");
    }

    @Test
    void layersChangePlaces() {
        Exercise three = exercise("4/4", "kick every 1/4", "snare every 1/2", "ride every 1/8");
        assertThat(LayerOrder.move(three, 0, 2).layerNames()).containsExactly("snare", "ride", "kick");
        assertThat(LayerOrder.move(three, 2, 0).layerNames()).containsExactly("ride", "kick", "snare");
    }
}
