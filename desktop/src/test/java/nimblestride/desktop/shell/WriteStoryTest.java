package nimblestride.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javafx.scene.control.TextArea;
import javafx.scene.input.KeyCode;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.language.text.LayerText;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.desktop.view.road.RoadView;
import org.junit.jupiter.api.Test;

/** A part written beat by beat. */
class WriteStoryTest extends WindowStory {
    private void openWrite() {
        chord(KeyCode.SHORTCUT, KeyCode.DIGIT2);
        clickOn("#page-write");
    }

    private String part() {
        return lookup("#part").queryAs(TextArea.class).getText();
    }

    private List<String> layers() {
        List<Layer> layers = exercise().layers();
        return layers.stream().map(LayerText::write).toList();
    }

    @Test
    void aPartIsWrittenBeatByBeatCompletedMendedAndUndone() throws Exception {
        retype("#bars", "7/8(2+2+3)");
        openWrite();
        clickOn("#part").write("kick . / sn");
        type(KeyCode.TAB);
        assertThat(part()).isEqualTo("kick . / snare");
        until(() -> shows("bar 1, 7/8, has 3 strides (2+2+3), but you wrote 2"));
        assertThat(layers()).isEmpty();
        write(" . / hi-hat+kick hi-hat hi-hat");
        until(() -> layers().equals(List.of("kick at 1:0 1:1/2", "snare at 1:1/4", "hi-hat at 1:1/2 1:5/8 1:3/4")));
        // Nothing is rewritten under the hands.
        assertThat(part()).isEqualTo("kick . / snare . / hi-hat+kick hi-hat hi-hat");
        write(" drum");
        until(() -> shows("I can't read \"drum\". Try a voice"));
        type(KeyCode.ESCAPE);
        assertThat(part()).isEqualTo("kick / snare / kick+hi-hat hi-hat hi-hat");

        // In other bars the same notes are written in their strides.
        retype("#bars", "7/8(3+2+2)");
        assertThat(part()).isEqualTo("kick . snare / . kick+hi-hat / hi-hat hi-hat");
        interact(() -> lookup(".road").query().requestFocus());
        chord(KeyCode.SHORTCUT, KeyCode.Z);
        until(() -> part().equals("kick / snare / kick+hi-hat hi-hat hi-hat"));
        chord(KeyCode.SHORTCUT, KeyCode.Z);
        until(() -> exercise().layers().isEmpty());
        assertThat(part()).isEmpty();
    }

    /** Placed on counts, it reads as text; the Road goes where the caret is. */
    @Test
    void whatIsPlacedElsewhereReadsAsText() throws Exception {
        lay("4/4 x12", "kick at 1:0 1:3/4 2:0 2:3/4 12:1/2", "snare at 1:1/4 2:1/4");
        openWrite();
        assertThat(part()).startsWith("kick / snare / .    / kick x2 |\n.    / .     / .    / . x9 |\n");
        RoadView road = lookup(".road").queryAs(RoadView.class);
        assertThat(road.firstBarInView().isZero()).isTrue();
        clickOn("#part");
        chord(KeyCode.SHORTCUT, KeyCode.END);
        until(() -> !road.firstBarInView().isZero());
    }

    @Test
    void notesThatNoPartCanSayStayAsTheyAre() throws Exception {
        lay("1/4", "snare at 1:1/37 1:1/41");
        Exercise before = exercise();
        openWrite();
        until(() -> shows("I can't write this part beat by beat: bar 1 has notes too close together"));
        assertThat(lookup("#part").query().isDisabled()).isTrue();
        assertThat(exercise()).isEqualTo(before);
    }
}
