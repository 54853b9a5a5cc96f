package nimblestride.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import javafx.geometry.Point2D;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.kit.voice.Kit;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.language.text.BarsText;
import nimblestride.core.language.text.LayerText;
import nimblestride.core.time.value.NoteValue;
import nimblestride.desktop.view.weave.WeaveView;
import org.junit.jupiter.api.Test;

/** What runs across the bar line, as a drummer works on it: the Weave, making it fit, families and flow. */
class CrossStoryTest extends WindowStory {
    private String layer(int index) {
        return LayerText.write(exercise().layers().get(index));
    }

    private String told(String id) {
        return lookup(id).queryAs(Label.class).getText();
    }

    private WeaveView weave() {
        return lookup("#weave").queryAs(WeaveView.class);
    }

    @Test
    void theWeaveTellsItsPlacesAndStartsALayerElsewhere() throws Exception {
        lay("10/8(3+3+2+2) x2, 9/16", "kick every 5/16", "snare every 1/4");
        clickOn("#bench-cross").clickOn("#page-weave");
        assertThat(weave().rows()).isEqualTo(61);
        until(() -> weave().screenPlace(0, 1, NoteValue.ZERO).isPresent());
        clickOn(weave().screenPlace(0, 1, NoteValue.ZERO).orElseThrow());
        until(() -> told("#weave-told").startsWith("Bar 2, 1: kick, hit 5, kick foot, landing on the bar line"));
        push(KeyCode.RIGHT);
        assertThat(told("#weave-told")).isEqualTo("Bar 2, 3&: kick, hit 6, kick foot, 5/16 after the bar line.");
        push(KeyCode.DOWN);
        assertThat(told("#weave-told")).startsWith("Bar 3, 2e: kick, hit 10");
        push(KeyCode.UP).push(KeyCode.LEFT).push(KeyCode.LEFT);
        assertThat(told("#weave-told")).startsWith("Bar 1, 8&: kick, hit 4");

        // A sixteenth later with Shift and an arrow, and back with undo.
        press(KeyCode.SHIFT).push(KeyCode.RIGHT).release(KeyCode.SHIFT);
        until(() -> layer(0).equals("kick every 5/16 from 1/16"));
        chord(KeyCode.SHORTCUT, KeyCode.Z);
        assertThat(layer(0)).isEqualTo("kick every 5/16");

        // Dragged along the bar by an eighth, in one step.
        until(() -> window.document().analyzedProperty().get().exercise().equals(exercise()));
        Point2D mark = weave().screenPlace(1, 0, NoteValue.QUARTER).orElseThrow();
        Point2D next = weave().screenPlace(1, 0, NoteValue.HALF).orElseThrow();
        double eighth = (next.getX() - mark.getX()) / 2;
        drag(mark, MouseButton.PRIMARY).dropTo(mark.getX() + eighth, mark.getY());
        until(() -> layer(1).equals("snare every 1/4 from 1/8"));
        chord(KeyCode.SHORTCUT, KeyCode.Z);
        assertThat(layer(1)).isEqualTo("snare every 1/4");

        clickOn("#weave-landing").clickOn("#weave-landing");
        assertThat(told("#weave-told")).isEqualTo("Lands on bar 2.");
        clickOn("#play");
        until(() -> shows("Playing through"));
        clickOn("#play");
    }

    @Test
    void aWayHomeTooLongToDrawIsScrolledAndTold() throws Exception {
        clickOn("#bench-cross").clickOn("#page-weave");
        lay("127/128", "kick every 1021/1024");
        until(() -> told("#weave-parts").contains("1,021-bar cycle"));
        assertThat(told("#weave-parts")).contains("kick 1,016 × 1021/1024 = 1,021 bars");
        clickOn("#weave").push(KeyCode.END).push(KeyCode.PLUS).push(KeyCode.DIGIT0);
        clickOn("#weave-landing").clickOn("#weave-landing");
        assertThat(told("#weave-told")).isEqualTo("Lands on bar 1,022, back home.");
        lay("9999/1000", "kick every 3000000019/1000000007 from 1/999999937", "snare every 1/4");
        until(() -> told("#weave-parts").startsWith("Too long to draw: "));
        String[] sixteen = Stream.iterate(1, i -> i + 1)
                .limit(16)
                .map(i -> "ride every " + i + "/16")
                .toArray(String[]::new);
        lay("7/8", sixteen);
        until(() -> told("#weave-parts").contains("-bar cycle, row by row"));
    }

    @Test
    void aRiffIsMadeToFitWithOneClickAndUndone() throws Exception {
        lay("4/4", "kick cell x..x. of 1/8");
        clickOn("#bench-cross").clickOn("#page-make-it-fit");
        retype("#closing-bars", "3");
        until(() -> told("#closing-told").equals("3 bars hold 4 riffs of 5 eighths, with 4 eighths left over."));
        clickOn("#closing-1");
        assertThat(layer(0)).isEqualTo("kick cell [x..x.]x4 x... of 1/8");
        assertThat(BarsText.write(exercise().phrase())).isEqualTo("4/4 x3");
        chord(KeyCode.SHORTCUT, KeyCode.Z);
        assertThat(layer(0)).isEqualTo("kick cell x..x. of 1/8");
        retype("#closing-bars", "none");
        assertThat(shows("type a number of bars from 1 to 1,000, such as 4")).isTrue();
        lay("4/4", "kick 5 over bar");
        until(() -> told("#closing-told").startsWith("kick is as long as its bars"));
        lay("4/4");
        until(() -> told("#closing-told").startsWith("Add a layer first"));
    }

    @Test
    void aFamilyIsTriedAndKeptInTheBook() throws Exception {
        lay("4/4", "kick cell x..x. of 1/8");
        clickOn("#bench-cross").clickOn("#page-families");
        until(() -> lookup("#family-try-4").tryQuery().isPresent());
        clickOn("#family-try-3");
        assertThat(exercise().name()).isEqualTo("Ferry Steps, from 1&");
        assertThat(layer(0)).isEqualTo("kick cell x..x. of 1/8 from 1/8");
        // The set is still that of the exercise it was made from.
        clickOn("#family-try-1");
        assertThat(exercise().name()).isEqualTo("Ferry Steps, from 2");
        clickOn("#family-keep");
        until(() -> shows("5 exercises added to the Book."));
        untilKept();
        // The one that is open and edited is there as well.
        assertThat(window.book().ask(book -> book.exercises().size())).contains(6);
        interact(() -> lookup("#family-kind")
                .queryAs(ComboBox.class)
                .getSelectionModel()
                .select(6));
        retype("#family-meters", "7/8, 5/8");
        until(() -> shows("against 5/8"));
        assertThat(shows("fits each bar")).isTrue();
        interact(() -> lookup("#family-kind")
                .queryAs(ComboBox.class)
                .getSelectionModel()
                .select(7));
        until(() -> told("#family-told").contains("The others may lose the 1"));
    }

    @Test
    void fewOnesAndAThreadedPulseLetThePhraseFlow() throws Exception {
        lay("11/8", "kick every 1/8", "snare 4 over bar");
        clickOn("#bench-cross").clickOn("#page-flow");
        until(() -> told("#flow-told").contains("The layers share the 1 in every bar."));
        retype("#flow-ones", "4");
        until(() -> told("#flow-told").contains("bar 1, then every 4 bars"));
        assertThat(layer(0)).isEqualTo("kick every 1/8 one every 4 bars");
        clickOn("#flow-thread-1");
        assertThat(layer(2)).isEqualTo("foot hi-hat every 1/4");
    }

    @Test
    void theRestOfALayerIsTypedBelowIt() throws Exception {
        lay("7/8 x4", "kick every 3/16");
        clickOn("#bench-cross").clickOn("#page-layers");
        select("#layer-row-0");
        clickOn("#more-0");
        retype("#reset-0", "bars 3");
        assertThat(layer(0)).isEqualTo("kick every 3/16 reset bars 3");
        clickOn("#land-0").write("3").type(KeyCode.ENTER);
        assertThat(shows("set its reset to never first")).isTrue();
        retype("#reset-0", "never");
        clickOn("#land-0").type(KeyCode.ENTER);
        assertThat(layer(0)).isEqualTo("kick every 3/16 from 1/16");
        retype("#one-0", "2");
        interact(() -> {
            @SuppressWarnings("unchecked")
            ComboBox<Voice> along = (ComboBox<Voice>) lookup("#along-0").queryAs(ComboBox.class);
            along.setValue(Kit.CRASH);
        });
        assertThat(layer(0)).isEqualTo("kick every 3/16 from 1/16 one every 2 bars moving notes to kick and crash");
        retype("#moving-0", "note 1 to china");
        assertThat(List.of(layer(0))).allMatch(text -> text.endsWith("moving note 1 to china"));
        assertThat(openedAgain()).isEqualTo(exercise());
    }

    /** What comes back after the window has been closed and opened. */
    private Exercise openedAgain() throws Exception {
        Exercise before = exercise();
        closeWindow();
        openAgain();
        assertThat(exercise()).isEqualTo(before);
        return before;
    }
}
