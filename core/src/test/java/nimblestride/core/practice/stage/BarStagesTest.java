package nimblestride.core.practice.stage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.kit.voice.NamedVoices;
import nimblestride.core.language.text.BarsText;
import nimblestride.core.language.text.LayerText;
import nimblestride.core.language.text.PartText;
import nimblestride.core.language.text.StageText;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.Tempo;
import org.junit.jupiter.api.Test;

/** Bar by bar: one bar, pairs of bars, then the whole; hard bars first and slower. */
class BarStagesTest {
    private static Exercise exercise(String bars, String part) {
        Phrase phrase = BarsText.read(bars);
        return new Exercise("Part", phrase, PartText.read(part, phrase, NamedVoices.KIT), Tempo.ofQuarters(100));
    }

    private static List<String> barStages(Exercise exercise, List<Integer> hard) {
        return StageSuggestions.leadingTo(exercise, hard).stream()
                .map(StageText::write)
                .filter(stage -> stage.startsWith("bar"))
                .toList();
    }

    @Test
    void barsComeAloneThenInPairs() {
        Exercise exercise = exercise("2/4 x3", "kick / snare | kick kick / snare | kick / snare");
        // Bars 1 and 3 play the same.
        assertThat(barStages(exercise, List.of()))
                .containsExactly("bar 1 at 60 %", "bar 2 at 60 %", "bars 1 to 2 at 70 %", "bars 2 to 3 at 70 %");
        assertThat(barStages(exercise, List.of(1)))
                .containsExactly("bar 2 at 50 %", "bar 1 at 60 %", "bars 1 to 2 at 60 %", "bars 2 to 3 at 60 %");
    }

    @Test
    void whereAllBarsPlayTheSameThereAreNone() {
        assertThat(barStages(exercise("2/4 x3", "kick / snare x3"), List.of(1))).isEmpty();
        assertThat(barStages(exercise("2/4 x2", "kick / snare | snare / kick"), List.of()))
                .containsExactly("bar 1 at 60 %", "bar 2 at 60 %");
        Exercise many = exercise(
                "1/4 x12",
                "kick | . | . kick | . . kick | . . . kick | kick . kick . | kick kick |"
                        + "snare | . snare | . . snare | kick snare | snare kick");
        assertThat(barStages(many, List.of(11, 40))).hasSize(16).startsWith("bar 12 at 50 %", "bar 1 at 60 %");
    }

    @Test
    void aStagePlaysItsBarsAlone() {
        Exercise exercise = exercise("2/4, 7/8(2+2+3), 2/4", "kick / snare | ride / . / >snare . ride | kick / .");
        Exercise two = StagedExercise.of(exercise, StageText.read("bars 2 to 3 at 70 %"));
        assertThat(BarsText.write(two.phrase())).isEqualTo("7/8, 2/4");
        assertThat(two.layers().stream().map(LayerText::write))
                .containsExactlyInAnyOrder("ride at R1:0 R1:3/4", "snare at >L1:1/2", "kick at K2:0");
        assertThat(BarsText.write(
                        StagedExercise.of(exercise, StageText.read("Bar 2")).phrase()))
                .isEqualTo("7/8");
        assertThatThrownBy(() -> StagedExercise.of(exercise, StageText.read("bars 3-4")))
                .hasMessage("there is no bar 4; this phrase has 3");
        assertThatThrownBy(() -> StageText.read("bars 4 to 3")).hasMessageContaining("such as bars 3 to 4");
    }

    @Test
    void theLogSaysWhichBarsAreHard() {
        assertThat(HardBars.of(Map.of("4& of bar 2", 1, "1 of bar 12", 2, "2 of bar 2", 2, "the fill", 9)))
                .containsExactly(1, 11);
    }
}
