package nimblestride.core.exercise.edit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.language.text.BarsText;
import nimblestride.core.language.text.LayerText;
import nimblestride.core.time.value.Tempo;
import org.junit.jupiter.api.Test;

/** What layers play by a rule, placed note by note. */
class WrittenOutTest {
    private static List<String> out(String bars, String... layers) {
        Exercise exercise = new Exercise(
                "Rules",
                BarsText.read(bars),
                Arrays.stream(layers).map(LayerText::read).toList(),
                Tempo.ofQuarters(100));
        return WrittenOut.of(exercise).layers().stream().map(LayerText::write).toList();
    }

    @Test
    void layersAreWrittenUntilTheyRealign() {
        assertThat(out("2/4", "kick at 1:0", "ride every 1/4")).containsExactly("kick at 1:0", "ride at 1:0 1:1/4");
        // Three eighths over two quarters are back after three bars.
        assertThat(out("2/4", "snare cell x.. of 1/8")).containsExactly("snare at 1:0 1:3/8 2:1/4 3:1/8 across 3 bars");
        // Levels, rules, and a second layer of the same voice come along.
        assertThat(out("2/4", "snare at 1:1/8", "snare cell X.g. of 1/8", "ride cell xx of 1/4 moving note 2 to crash"))
                .containsExactly("snare at >1:0 1:1/8 (1:1/4)", "ride at 1:0", "crash at 1:1/4");
    }

    @Test
    void aLateStartIsLateInEachRound() {
        assertThat(out("2/4 x2", "hi-hat every 1/4 from 3/4")).containsExactly("hi-hat at 2:1/4");
    }

    @Test
    void whatCannotBeWrittenStays() {
        assertThat(out("2/4", "snare every 1009/1000", "kick sticking R: L of 1/8"))
                .containsExactly("snare every 1009/1000", "kick sticking R: L of 1/8");
        // The kick repeats with the phrase, and on three bars: no one layer says both.
        assertThat(out("2/4", "kick at 1:0", "kick every 3/8")).containsExactly("kick at 1:0", "kick every 3/8");
    }

    /** Counts name the bars of the phrase; what a longer part plays after them must not get lost. */
    @Test
    void countsLeaveTheRestOfALongerPartAlone() {
        Exercise exercise = new Exercise(
                "Longer",
                BarsText.read("2/4"),
                List.of(
                        LayerText.read("kick at 1:0 3:0 across 3 bars"),
                        LayerText.read("snare at 1:1/4 across 3 bars"),
                        LayerText.read("ride at 1:0")),
                Tempo.ofQuarters(100));
        Exercise edited = PlacementEdits.withPlacedOnPhrase(
                exercise, List.of(LayerText.read("snare at 1:0"), LayerText.read("hi-hat at 1:0")));
        assertThat(edited.layers().stream().map(LayerText::write))
                .containsExactly("kick at 3:0 across 3 bars", "snare at 1:0 across 3 bars", "hi-hat at 1:0");
    }
}
