package nimblestride.core.language.difference;

import static nimblestride.core.language.text.Examples.exercise;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import nimblestride.core.exercise.edit.SectionEdits;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.exercise.model.SectionContent;
import nimblestride.core.language.text.Examples;
import nimblestride.core.language.text.LayerText;
import nimblestride.core.language.text.SwingText;
import nimblestride.core.language.text.TempoText;
import nimblestride.core.layer.modulation.Pivot;
import org.junit.jupiter.api.Test;

class DifferencesTest {
    private final Exercise weir =
            exercise("10/8, 9/16", "kick every 5/16", "ride every 1/8").withName("Weir Steps");

    private List<String> since(Exercise after) {
        return Differences.between(weir, after);
    }

    @Test
    void theSameHasNone() {
        assertThat(since(weir)).isEmpty();
        assertThat(since(weir.withSelected(0))).isEmpty();
        assertThat(Differences.line(weir, weir)).isEmpty();
    }

    @Test
    void eachDifferenceIsSaidWithWhatItWas() {
        assertThat(since(weir.withName("Weir Stones"))).containsExactly("name Weir Stones, was Weir Steps");
        assertThat(since(weir.withTempo(TempoText.read("1/8=210"))))
                .containsExactly("tempo 210 BPM (eighths), was 96 BPM (quarters)");
        assertThat(since(weir.withPhrase(Examples.bars("11/8")))).containsExactly("bars 11/8, was 10/8, 9/16");
        assertThat(since(weir.withSwing(SwingText.read("60"))))
                .singleElement()
                .asString()
                .startsWith("swing ");
    }

    @Test
    void layersAreComparedWhereverTheyStand() {
        assertThat(since(weir.plusLayer(LayerText.read("snare every 1/4"))))
                .containsExactly("new layer: snare every 1/4");
        assertThat(since(weir.withoutLayer(0))).containsExactly("layer removed: kick every 5/16");
        assertThat(since(weir.withLayer(0, LayerText.read("kick every 3/16"))))
                .containsExactly("layer kick every 3/16, was kick every 5/16");
        assertThat(since(weir.withLayers(
                        List.of(weir.layers().get(1), weir.layers().get(0)))))
                .containsExactly("2 layers in another order");
    }

    @Test
    void longTextIsCutShort() {
        String many = "7/8, 5/8, 9/8, 11/8, 7/16, 5/16, 9/16, 11/16, 13/16, 15/16, 17/16, 19/16";
        assertThat(Differences.line(exercise("4/4"), exercise(many)))
                .startsWith("bars 7/8, 5/8")
                .endsWith("…, was 4/4");
    }

    @Test
    void sectionsAreNamed() {
        Exercise two =
                SectionEdits.add(weir, 1, new SectionContent("B", Examples.bars("7/8"), List.of()), 1, Pivot.NONE);
        assertThat(since(two)).anyMatch(said -> said.startsWith("new section "));
        assertThat(Differences.between(two, weir)).anyMatch(said -> said.endsWith(" removed"));
    }
}
