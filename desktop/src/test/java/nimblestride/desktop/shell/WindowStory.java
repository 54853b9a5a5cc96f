package nimblestride.desktop.shell;

import java.util.List;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.text.Text;
import javafx.stage.PopupWindow;
import javafx.stage.Window;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.language.text.Examples;
import nimblestride.desktop.OnStage;
import nimblestride.desktop.service.PageId;

/** The real window, and what is done to it again and again. */
abstract class WindowStory extends SharedStart {
    /** Clicks where a text is shown, if it is, even if a list is rebuilt meanwhile. */
    protected final void clickWhereShown(String text) {
        AtomicReference<Bounds> shown = new AtomicReference<>();
        interact(() -> lookup(text)
                .tryQuery()
                .map(node -> node.localToScreen(node.getBoundsInLocal()))
                .ifPresent(shown::set));
        if (shown.get() != null) {
            clickOn(shown.get());
        }
    }

    /** Has a button do what it does, once it is there, wherever it is scrolled to. */
    protected final void fire(String button) throws Exception {
        until(() -> lookup(button).tryQuery().isPresent());
        interact(() -> lookup(button).queryAs(ButtonBase.class).fire());
    }

    /** Chooses from a drop-down list. */
    protected final void choose(String list, int index) {
        interact(() -> lookup(list).<ComboBox<?>>query().getSelectionModel().select(index));
    }

    protected final Exercise exercise() {
        return window.document().exerciseProperty().get();
    }

    /** Waits until the Book has what is open. */
    protected final void untilKept() throws Exception {
        until(() -> window.document().savedProperty().get()
                && window.document()
                        .inBookProperty()
                        .get()
                        .filter(here -> here.revision() > 0)
                        .isPresent());
    }

    /** Opens an exercise, and waits until its analysis is there. */
    protected final void lay(Exercise exercise) throws Exception {
        interact(() -> window.document().edit(now -> exercise));
        until(() -> window.document().analyzedProperty().get().exercise().equals(exercise()));
    }

    protected final void lay(String bars, String... layers) throws Exception {
        lay(Examples.exercise(bars, layers).withName("Ferry Steps"));
    }

    /** Selects a row of a list of sentences, so that its controls appear. */
    protected final void select(String row) throws Exception {
        until(() -> lookup(row).tryQuery().isPresent());
        interact(() -> lookup(row).query().requestFocus());
        until(() -> lookup(row).query().getPseudoClassStates().contains(PseudoClass.getPseudoClass("chosen")));
    }

    protected final void retype(String field, String text) throws Exception {
        again(() -> clickOn(field), () -> lookup(field).query().isFocused());
        press(KeyCode.SHORTCUT, KeyCode.A).release(KeyCode.A, KeyCode.SHORTCUT);
        write(text);
    }

    /** Types into a field that may be scrolled out of sight. */
    protected final void retypeFocused(String field, String text) {
        interact(() -> lookup(field).query().requestFocus());
        press(KeyCode.SHORTCUT, KeyCode.A).release(KeyCode.A, KeyCode.SHORTCUT);
        write(text);
    }

    protected final void chord(KeyCode... keys) {
        press(keys);
        // The letter first: a key that repeats must not do so without Ctrl.
        for (int i = keys.length - 1; i >= 0; i--) {
            release(keys[i]);
        }
    }

    /** Whether a text stands in the window, or in a note that hangs in it. */
    protected final boolean shows(String text) throws Exception {
        return asked(() -> stands(text, root())
                || Window.getWindows().stream()
                        .filter(PopupWindow.class::isInstance)
                        .flatMap(note -> note.getScene().getRoot().lookupAll(".tooltip").stream())
                        .anyMatch(note -> stands(text, note)));
    }

    /** Asked many times a second, so the nodes are gone through once, without selectors. */
    private static boolean stands(String text, Node node) {
        boolean here = node instanceof Label label
                ? label.getText() != null && label.getText().contains(text)
                : node instanceof Text words
                        && words.getStyleClass().contains("words")
                        && words.getText().contains(text);
        return here
                || node instanceof Parent parent
                        && parent.getChildrenUnmodifiable().stream().anyMatch(child -> stands(text, child));
    }

    /** Returns the error about what was typed, under a field or in a note that hangs from it. */
    protected final List<String> problems() {
        return lookup(".problem").queryAll().stream()
                .filter(Label.class::isInstance)
                .filter(Node::isVisible)
                .map(label -> ((Labeled) label).getText())
                .toList();
    }

    /** Shows every page of every workspace, one after the other, and says which one it is. */
    protected final void onEveryPage(Consumer<String> doing) throws Exception {
        for (PageId page : PageId.values()) {
            interact(() -> window.open(page));
            // What a page works out in the background comes some frames later.
            OnStage.frames(6);
            interact(() -> {
                root().applyCss();
                root().layout();
                doing.accept(page.workspace().title() + " > " + page.title());
            });
        }
    }

    protected final Parent root() {
        return window.stage().getScene().getRoot();
    }

    protected final String text(String field) {
        return lookup(field).queryAs(TextField.class).getText();
    }
}
