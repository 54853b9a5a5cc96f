package nimblestride.desktop.ui.field;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.testfx.util.WaitForAsyncUtils.waitForFxEvents;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.desktop.OnStage;
import nimblestride.desktop.ui.control.ControlTip;
import org.junit.jupiter.api.Test;

/** A narrow field among its neighbors and a wide one, with the focus going from one to the other. */
class TypedFieldTest extends OnStage {
    private static final String WRONG = "I can't read \"4\". Type minutes from 5 to 240";

    private final List<Integer> taken = new ArrayList<>();
    private TypedField<Integer> narrow;
    private TypedField<Integer> wide;
    private final Label neighbor = new Label("minutes today");
    private final Button elsewhere = new Button("elsewhere");

    @Override
    protected Parent content() {
        narrow = WholeNumberField.field("narrow", "minutes", 5, 240, 56, taken::add);
        wide = WholeNumberField.field("wide", "minutes", 5, 240, 400, taken::add);
        narrow.show(20);
        wide.show(20);
        ControlTip.on(narrow.field(), "how long there is today");
        return new VBox(20, elsewhere, new HBox(8, narrow, neighbor), wide);
    }

    private void type(TypedField<Integer> into, String text) {
        interact(() -> {
            into.field().requestFocus();
            into.field().setText(text);
        });
        waitForFxEvents();
    }

    private boolean putBack() {
        boolean[] done = new boolean[1];
        interact(() -> done[0] = TypedField.restoreWrongText(wide.field()));
        return done[0];
    }

    private void leave() {
        interact(elsewhere::requestFocus);
    }

    /** The note that hangs from a field, where there is one. */
    private Optional<Label> note() {
        return lookup(".problem")
                .match(Label.class::isInstance)
                .match(label -> label.getStyleClass().contains("tooltip"))
                .tryQuery();
    }

    private Label under(TypedField<Integer> field) {
        return (Label) field.getChildren().get(1);
    }

    private static Bounds place(Node node) {
        return node.localToScreen(node.getBoundsInLocal());
    }

    @Test
    void whatMakesSenseIsTakenAtOnceAndWhatDoesNotLeavesTheLastGoodValue() {
        type(wide, "30");
        type(wide, "4");
        assertThat(taken).containsExactly(30);
        assertThat(wide.field().getText()).isEqualTo("4");
        assertThat(putBack()).isTrue();
        assertThat(wide.field().getText()).isEqualTo("30");
        assertThat(putBack()).isFalse();
        assertThat(taken).containsExactly(30);
    }

    @Test
    void aWideFieldSaysUnderItWhatIsWrong() {
        type(wide, "4");
        assertThat(under(wide).isVisible()).isTrue();
        assertThat(under(wide).getText()).isEqualTo(WRONG);
        assertThat(note()).isEmpty();
        leave();
        assertThat(under(wide).isVisible()).isTrue();
        type(wide, "40");
        assertThat(under(wide).isVisible()).isFalse();
    }

    @Test
    void aNarrowFieldSaysItInANoteWideEnoughForASentenceAndNothingMoves() {
        Bounds before = place(neighbor);
        double height = narrow.getHeight();
        type(narrow, "4");
        assertThat(note()).get().extracting(Label::getText).isEqualTo(WRONG);
        assertThat(under(narrow).isVisible()).isFalse();
        assertThat(place(neighbor)).isEqualTo(before);
        assertThat(narrow.getHeight()).isEqualTo(height);
        Bounds note = place(note().orElseThrow());
        assertThat(note.getWidth()).isGreaterThan(200);
        assertThat(note.getMinY()).isGreaterThanOrEqualTo(place(narrow.field()).getMaxY());
    }

    @Test
    void theNoteGoesWithTheFocusAndComesBackUntilTheTextMakesSense() {
        type(narrow, "4");
        leave();
        assertThat(note()).isEmpty();
        assertThat(narrow.field().getPseudoClassStates())
                .anyMatch(state -> state.getPseudoClassName().equals("wrong"));
        interact(() -> narrow.field().requestFocus());
        assertThat(note()).isPresent();
        type(narrow, "45");
        assertThat(note()).isEmpty();
        assertThat(taken).containsExactly(45);
    }

    @Test
    void theNoteHangsFromItsFieldWhereverThatGoes() {
        type(narrow, "4");
        Bounds before = place(note().orElseThrow());
        interact(() -> narrow.getParent().setTranslateX(120));
        waitForFxEvents();
        assertThat(place(note().orElseThrow()).getMinX()).isCloseTo(before.getMinX() + 120, within(2.0));
        interact(() -> ((HBox) narrow.getParent()).getChildren().remove(narrow));
        waitForFxEvents();
        assertThat(note()).isEmpty();
    }

    @Test
    void aScreenReaderSaysWhatIsWrongAndThenAgainWhatTheFieldIsFor() {
        type(narrow, "4");
        assertThat(narrow.field().getAccessibleHelp()).isEqualTo(WRONG);
        type(narrow, "x");
        assertThat(narrow.field().getAccessibleHelp()).contains("read \"x\"");
        type(narrow, "44");
        assertThat(narrow.field().getAccessibleHelp()).isEqualTo("how long there is today");
    }

    @Test
    void whatIsTypedAsItIsWrittenStaysUntilTypingIsOver() {
        type(narrow, " 030");
        assertThat(taken).containsExactly(30);
        assertThat(narrow.field().getText()).isEqualTo(" 030");
        leave();
        assertThat(narrow.field().getText()).isEqualTo("30");
        interact(() -> narrow.show(30));
        assertThat(narrow.field().getText()).isEqualTo("30");
        interact(() -> narrow.clear());
        assertThat(narrow.field().getText()).isEmpty();
        type(narrow, "30");
        assertThat(taken).containsExactly(30, 30);
        push(KeyCode.ENTER);
        assertThat(narrow.field().getText()).isEqualTo("30");
    }

    /** The defect: what made sense but was refused stood in the field, after Enter, as if it had been taken. */
    @Test
    void whatIsRefusedIsNotShownAsTaken() {
        TypedField<Integer> refusing = WholeNumberField.field("refusing", "minutes", 5, 240, 400, value -> {
            if (value > 100) {
                throw new InvalidValueException("not today");
            }
        });
        interact(() -> {
            refusing.show(20);
            ((VBox) elsewhere.getParent()).getChildren().add(refusing);
        });
        type(refusing, "120");
        assertThat(under(refusing).getText()).isEqualTo("not today");
        press(KeyCode.ENTER).release(KeyCode.ENTER);
        assertThat(under(refusing).getText()).isEqualTo("not today");
        interact(() -> refusing.show(30));
        assertThat(refusing.field().getText()).isEqualTo("30");
        assertThat(under(refusing).isVisible()).isFalse();
    }

    /** Who asks one field while another is being typed gets what is in effect there, not the text that makes no sense. */
    @Test
    void theValueInEffectStaysWhileTextMakesNoSense() {
        type(wide, "30");
        type(wide, "x");
        assertThat(wide.value()).isEqualTo(30);
        assertThat(narrow.value()).isEqualTo(20);
    }
}
