package nimblestride.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.concurrent.TimeUnit;
import javafx.scene.AccessibleAttribute;
import javafx.scene.input.KeyCode;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.language.text.LayerText;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.desktop.ui.field.LinesArea;
import nimblestride.desktop.view.road.RoadView;
import org.junit.jupiter.api.Test;

/** A part written beat by beat. */
class WriteStoryTest extends WindowStory {
    private void openWrite() {
        chord(KeyCode.SHORTCUT, KeyCode.DIGIT3);
        clickOn("#page-write");
    }

    private String part() {
        return lookup("#part").queryAs(LinesArea.class).getText();
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

    /** Every wrong bar is underlined; a rare tuplet is asked about; a part longer than the phrase runs across it. */
    @Test
    void whatIsWrongIsUnderlinedAndALongerPartRunsAcross() throws Exception {
        retype("#bars", "2/4");
        openWrite();
        clickOn("#part").write("kick / snear | kick | kick . . . . / .");
        until(() -> root().lookupAll(".part-wrong").size() == 2);
        assertThat(root().lookupAll(".part-question")).hasSize(1);
        assertThat(shows("Stride 1 of bar 3 has 5 notes: a quintuplet. Is that what you meant?"))
                .isTrue();
        chord(KeyCode.SHORTCUT, KeyCode.A);
        write("kick / snare | kick");
        type(KeyCode.TAB);
        assertThat(part()).isEqualTo("kick / snare | kick / .");
        type(KeyCode.TAB);
        type(KeyCode.TAB);
        assertThat(part()).isEqualTo("kick / snare | kick / . | %");
        until(() -> layers().equals(List.of("kick at 1:0 2:0 3:0 across 3 bars", "snare at 1:1/4 across 3 bars")));
        until(() -> shows("3-bar cycle"));
    }

    /** The bar at the caret loops slowly, then the next; the key again stops and gives the tempo back. */
    @Test
    void barsLoopSlowlyFromTheCaret() throws Exception {
        lay("2/4 x3", "kick at 1:0 2:0 3:0");
        openWrite();
        clickOn("#part");
        chord(KeyCode.SHORTCUT, KeyCode.END);
        retypePart("kick / . | kick / . | kick / snare");
        type(KeyCode.F4);
        until(() -> shows("Playing at 60 %, bars 3 to 3"));
        chord(KeyCode.SHIFT, KeyCode.F4);
        until(() -> shows("Playing at 60 %, bars 1 to 1"));
        type(KeyCode.F4);
        until(() -> shows("Playing at 60 %, bars 3 to 3"));
        type(KeyCode.F4);
        until(() -> !shows("Playing"));
    }

    /** A part of three bars runs across a phrase of one; its third bar loops, not the first round's. */
    @Test
    void aBarBeyondThePhraseLoops() throws Exception {
        lay("2/4");
        openWrite();
        clickOn("#part").write("kick / . | kick / . | kick / snare");
        until(() -> layers().contains("snare at 3:1/4 across 3 bars"));
        type(KeyCode.F4);
        until(() -> shows("Playing at 60 %, bars 3 to 3"));
        chord(KeyCode.SHIFT, KeyCode.F4);
        until(() -> shows("Playing at 60 %, bars 1 to 1"));
        type(KeyCode.F4);
        type(KeyCode.F4);
        until(() -> !shows("Playing"));
    }

    private void retypePart(String text) {
        chord(KeyCode.SHORTCUT, KeyCode.A);
        write(text);
    }

    /** Played on the keys of the computer: each hit takes the next share of its stride. */
    @Test
    void aPartIsRecordedStepByStep() throws Exception {
        retype("#bars", "3/4");
        openWrite();
        fire("#part-record");
        interact(() -> lookup("#part-record").query().requestFocus());
        type(KeyCode.DIGIT2);
        strike(KeyCode.B);
        strike(KeyCode.J);
        type(KeyCode.PERIOD);
        chord(KeyCode.SHIFT, KeyCode.F);
        until(() -> part().equals("kick hi-hat / . >snare / ."));
        until(() -> layers().equals(List.of("kick at 1:0", "hi-hat at 1:1/8", "snare at >1:3/8")));
        type(KeyCode.BACK_SPACE);
        until(() -> part().equals("kick hi-hat / . . / ."));
        // Two at once.
        strike(KeyCode.L);
        type(KeyCode.B);
        until(() -> part().equals("kick hi-hat / . ride+kick / ."));
        type(KeyCode.ESCAPE);
        strike(KeyCode.L);
        assertThat(part()).isEqualTo("kick hi-hat / . ride+kick / .");
    }

    /** Types a key, later than what was typed before. */
    private void strike(KeyCode key) {
        clock.addAndGet(TimeUnit.SECONDS.toNanos(1));
        type(key);
    }

    /** What plays by a rule is named, and can be written out. */
    @Test
    void whatPlaysByARuleIsWrittenOut() throws Exception {
        lay("2/4", "kick at 1:0", "ride every 1/8");
        openWrite();
        until(() -> shows("so they are not in the text: ride."));
        fire("#part-write-out");
        until(() -> part().equals("kick+ride ride / ride ride"));
        assertThat(layers()).containsExactly("kick at 1:0", "ride at 1:0 1:1/8 1:1/4 1:3/8");
    }

    /** Where there is nothing to complete, Tab goes on, and a screen reader reads what is written. */
    @Test
    void tabLeavesTheTextAndAScreenReaderReadsIt() throws Exception {
        retype("#bars", "2/4");
        openWrite();
        clickOn("#part").write("kick / snare+kick |");
        type(KeyCode.ENTER);
        write("(snare) . / ");
        LinesArea area = lookup("#part").queryAs(LinesArea.class);
        assertThat(area.queryAccessibleAttribute(AccessibleAttribute.TEXT))
                .isEqualTo("kick / snare+kick |\n(snare) . / ");
        assertThat(area.queryAccessibleAttribute(AccessibleAttribute.CARET_OFFSET))
                .isEqualTo(area.getLength());
        write("kick snare");
        chord(KeyCode.SHORTCUT, KeyCode.HOME);
        type(KeyCode.TAB);
        until(() -> !area.isFocused());
        assertThat(root().getScene().getFocusOwner())
                .isEqualTo(lookup("#part-record").query());
        chord(KeyCode.SHIFT, KeyCode.TAB);
        until(area::isFocused);
        chord(KeyCode.SHIFT, KeyCode.TAB);
        until(() -> !area.isFocused());
        assertThat(exercise().layers()).hasSize(2);
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
