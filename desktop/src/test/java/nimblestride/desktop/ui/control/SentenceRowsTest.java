package nimblestride.desktop.ui.control;

import static org.assertj.core.api.Assertions.assertThat;
import static org.testfx.util.WaitForAsyncUtils.waitForFxEvents;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.VBox;
import nimblestride.desktop.OnStage;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

class SentenceRowsTest extends OnStage {
    private final List<String> names = new ArrayList<>(List.of("first", "second", "third"));
    private final SentenceRows list = new SentenceRows("Steps", this::remove, this::move);

    @Override
    protected Parent content() {
        // The first thing in a window gets its focus.
        return new VBox(new Button("Before"), list);
    }

    private void remove(int index) {
        names.remove(index);
        fill();
    }

    private void move(int from, int to) {
        names.add(to, names.remove(from));
        fill();
    }

    private void fill() {
        list.setRows(names.stream().map(SentenceRowsTest::row).toList());
    }

    private static SentenceRow row(String name) {
        SentenceRow row = SentenceRow.with(new Button("Change " + name));
        row.setId(name);
        row.say("The " + name + " step");
        return row;
    }

    @BeforeEach
    void begin() {
        interact(this::fill);
        waitForFxEvents();
    }

    private List<String> controls() {
        waitForFxEvents();
        return lookup(".button").queryAllAs(Button.class).stream()
                .map(Button::getText)
                .filter(text -> text.startsWith("Change"))
                .toList();
    }

    @Test
    void onlyTheSelectedRowShowsItsControls() {
        assertThat(controls()).isEmpty();
        clickOn("The second step");
        assertThat(controls()).containsExactly("Change second");
        type(KeyCode.DOWN);
        assertThat(controls()).containsExactly("Change third");
        type(KeyCode.DOWN);
        assertThat(controls()).containsExactly("Change third");
        type(KeyCode.TAB);
        assertThat(lookup("Change third").query().isFocused()).isTrue();
        // In a control, the arrows and Delete are the control's.
        type(KeyCode.DELETE);
        assertThat(names).containsExactly("first", "second", "third");
    }

    @Test
    void keysChangeTheOrderAndTheRowKeepsTheFocus() {
        clickOn("The first step");
        press(KeyCode.ALT).type(KeyCode.DOWN).release(KeyCode.ALT);
        waitForFxEvents();
        assertThat(names).containsExactly("second", "first", "third");
        assertThat(lookup("#first").query().isFocused()).isTrue();
        press(KeyCode.ALT).type(KeyCode.DOWN).type(KeyCode.DOWN).release(KeyCode.ALT);
        waitForFxEvents();
        assertThat(names).containsExactly("second", "third", "first");
        type(KeyCode.DELETE);
        waitForFxEvents();
        assertThat(names).containsExactly("second", "third");
        assertThat(lookup("#third").query().isFocused()).isTrue();
    }

    @Test
    void draggingChangesTheOrder() {
        drag("The third step").dropTo("The first step");
        waitForFxEvents();
        assertThat(names).containsExactly("third", "first", "second");
        drag("The third step").moveTo("The second step").dropTo("The third step");
        waitForFxEvents();
        assertThat(names).containsExactly("third", "first", "second");
    }

    /** A list by date can be read and shortened, but has no other order. */
    @Test
    void aListWithoutAnOrderOfItsOwnStaysAsItIs() {
        List<Integer> removed = new ArrayList<>();
        interact(() -> {
            SentenceRows dated = new SentenceRows("Entries", removed::add);
            dated.setRows(List.of(row("early"), row("late")));
            list.getChildren().setAll(dated);
        });
        clickOn("The early step");
        press(KeyCode.ALT).type(KeyCode.DOWN).release(KeyCode.ALT);
        drag("The early step").dropTo("The late step");
        type(KeyCode.DELETE);
        waitForFxEvents();
        assertThat(removed).containsExactly(0);
    }
}
