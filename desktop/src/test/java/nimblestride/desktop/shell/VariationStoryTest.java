package nimblestride.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.ScrollBar;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import nimblestride.core.kit.sticking.Sticking;
import nimblestride.core.kit.variation.VariationPlan.Free;
import nimblestride.core.language.text.LayerText;
import nimblestride.core.language.text.StickingText;
import org.junit.jupiter.api.Test;

/** All variations of a sticking, on one page. */
class VariationStoryTest extends WindowStory {
    private void openVariations(String bars, String sticking) throws Exception {
        lay(bars, "snare sticking " + sticking + " of 1/16");
        chord(KeyCode.SHORTCUT, KeyCode.DIGIT3);
        clickOn("#page-variations");
    }

    private List<String> written() {
        return exercise().layers().stream().map(LayerText::write).toList();
    }

    private void focusTable() {
        interact(() -> lookup("#deal-table").query().requestFocus());
    }

    /** With two steps free and doubles at most, RL and LR are left: RR and LL would make three in a row. */
    @Test
    void variationsAreHeardUsedTickedAndKeptWithTheExercise() throws Exception {
        openVariations("2/8", "R L R L");
        until(() -> shows("2 variations; 0 practiced."));
        until(() -> shows("0 points: hand to hand"));
        // A look leaves no trace.
        assertThat(exercise().practice().varied()).isEmpty();
        focusTable();
        type(KeyCode.DOWN);
        type(KeyCode.P);
        until(() -> shows("Playing"));
        type(KeyCode.ENTER);
        until(() -> !written().equals(List.of("snare sticking R L R L of 1/16")));
        String used = written().get(0);
        type(KeyCode.T);
        until(() -> shows("1 practiced"));
        assertThat(exercise().practice().ticked()).hasSize(1);
        assertThat(exercise().practice().varied())
                .hasValueSatisfying(plan -> assertThat(plan.base()).isEqualTo(StickingText.read("R L R L")));
        // The page shows the same after a look elsewhere.
        clickOn("#page-voices");
        clickOn("#page-variations");
        until(() -> shows("2 variations; 1 practiced."));
        assertThat(written()).containsExactly(used);
        interact(() -> lookup(".road").query().requestFocus());
        chord(KeyCode.SHORTCUT, KeyCode.Z);
        chord(KeyCode.SHORTCUT, KeyCode.Z);
        until(() -> written().equals(List.of("snare sticking R L R L of 1/16")));
    }

    /** Dragging over the steps sets them free. */
    @Test
    void draggingChoosesTheFreePart() throws Exception {
        openVariations("2/4", "R L R L R L R L");
        until(() -> shows("7 variations; 0 practiced."));
        List<Node> steps =
                lookup("#deal-steps").query().lookupAll(".step").stream().toList();
        drag(steps.get(0), MouseButton.PRIMARY).dropTo(steps.get(7));
        until(() -> shows("68 variations; 0 practiced."));
        clickOn("#deal-steps");
        interact(() -> lookup("#deal-steps").query().requestFocus());
        drag(steps.get(2), MouseButton.PRIMARY).dropTo(steps.get(1));
        until(() -> shows("2 variations; 0 practiced."));
        type(KeyCode.RIGHT);
        until(() -> shows("4 variations; 0 practiced."));
        focusTable();
        type(KeyCode.ENTER);
        until(() -> exercise().practice().varied().isPresent());
        assertThat(exercise().practice().varied().orElseThrow().free())
                .isInstanceOfSatisfying(Free.Steps.class, free -> {
                    assertThat(free.from()).isEqualTo(1);
                    assertThat(free.to()).isEqualTo(4);
                });
    }

    /** However many there are, the last is a key away, and only some are made. */
    @Test
    @OwnStart
    void aHugeListScrollsToItsEnd() throws Exception {
        openVariations("4/1", "R L R L ".repeat(16).strip());
        clickOn("rests");
        until(() -> shows("variations; 0 practiced."));
        focusTable();
        type(KeyCode.END);
        ScrollBar bar = (ScrollBar) lookup("#deal-table").query().lookup(".scroll-bar");
        until(() -> bar.getMax() > 1e12 && bar.getValue() == bar.getMax());
        until(() -> lookup(".variation:selected").tryQuery().isPresent());
        assertThat(lookup("#deal-table").query().lookupAll(".variation")).hasSizeLessThan(20);
        // Using one leaves the list where it is.
        type(KeyCode.ENTER);
        until(() -> exercise().practice().varied().isPresent());
        assertThat(bar.getValue()).isEqualTo(bar.getMax());
        type(KeyCode.HOME);
        until(() -> shows("0 points: hand to hand"));
    }

    @Test
    @OwnStart
    void variationsAreFilteredComparedPickedAndDealtByTheDay() throws Exception {
        openVariations("2/4", "R L R L R L R L");
        until(() -> shows("7 variations; 0 practiced."));
        focusTable();
        type(KeyCode.C);
        until(() -> shows("differs in steps"));
        type(KeyCode.C);
        until(() -> !shows("differs in"));
        clickOn("#deal-containing").write("LLR");
        until(() -> shows(" of 7 variations; 0 practiced."));
        clickOn("#deal-today");
        clickOn("#deal-containing");
        chord(KeyCode.SHORTCUT, KeyCode.A);
        type(KeyCode.DELETE);
        until(() -> shows("7 variations; 0 practiced.") && !shows(" of 7"));
        fire("#deal-pick");
        until(() -> shows("7 for the sheet"));
        assertThat(lookup("#deal-print").query().isDisabled()).isFalse();
        fire("#deal-today");
        until(() -> exercise().practice().varied().isPresent());
        List<Sticking> dealt = exercise().practice().ticked();
        assertThat(dealt).isEmpty();
        clickOn("#deal-shown").clickOn("practiced");
        until(() -> shows("0 of 7 variations"));
    }

    @Test
    @OwnStart
    void cellsLoseANoteEachAndWrongNumbersAreExplained() throws Exception {
        openVariations("5/8", "R L R L R L R L R L");
        clickOn("#deal-way").clickOn("leave one out of each cell");
        until(() -> shows("type cells of 2 or more that add up to the sticking's 10 steps; these add up to 11"));
        retype("#deal-cells", "5 5");
        until(() -> shows("25 variations; 0 practiced."));
        retype("#deal-cells", "x");
        until(() -> shows("type numbers such as 5 3 3"));
    }
}
