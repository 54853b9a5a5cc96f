package nimblestride.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Control;
import javafx.scene.control.Labeled;
import javafx.scene.control.MenuBar;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ScrollBar;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.SplitPane;
import javafx.scene.input.KeyCode;
import nimblestride.core.language.text.Examples;
import nimblestride.desktop.ui.field.TextEntry;
import nimblestride.desktop.ui.look.TrimmedTheme;
import org.junit.jupiter.api.Test;

/** The help in the window, and what a screen reader finds to say on every page. */
class HelpStoryTest extends WindowStory {
    @Test
    void theHelpIsSearchedAndItsExamplesOpen() throws Exception {
        chord(KeyCode.SHIFT, KeyCode.F1);
        until(() -> shows("The Road draws its strides and its count"));
        clickOn("#help-find").write("pivot");
        until(() -> shows("Type a pivot: dotted quarter = half"));
        push(KeyCode.ESCAPE);
        until(() -> lookup("#help-find").tryQuery().isEmpty());
        chord(KeyCode.SHIFT, KeyCode.F1);
        clickOn("#help-example-0");
        until(() -> exercise().name().equals("11/8(3+3+3+2) with ride every 1/4"));
        assertThat(lookup("#help-find").tryQuery()).isEmpty();
    }

    @Test
    void theShortcutsAreListedAndFound() throws Exception {
        push(KeyCode.F1);
        until(() -> shows("Larger display") && shows("Ctrl+Shift+."));
        clickOn("#help-find").write("zoom");
        until(() -> shows("Zoom the Road"));
        push(KeyCode.ESCAPE);
        until(() -> lookup("#help-find").tryQuery().isEmpty());
    }

    /** Who made what the program ships with is named in Help, as the licenses ask. */
    @Test
    void aboutNamesWhoMadeTheRecordingsAndTheFonts() throws Exception {
        interact(() -> lookup(".menu-bar").queryAs(MenuBar.class).getMenus().stream()
                .flatMap(menu -> menu.getItems().stream())
                .filter(item -> "About Nimble Stride".equals(item.getText()))
                .forEach(MenuItem::fire));
        assertThat(answers.told)
                .singleElement()
                .asString()
                .contains("Apache License", "AVL Drumkits", "ShareAlike 3.0", "Lato");
    }

    @Test
    void theSamplePiecesComeIntoTheBookOnce() throws Exception {
        for (int i = 0; i < 2; i++) {
            chord(KeyCode.SHIFT, KeyCode.F1);
            clickOn("#help-samples");
            until(() -> lookup("#help-samples").tryQuery().isEmpty());
            assertThat(window.book().ask(one -> one.exercises().size())).contains(13);
        }
    }

    /** On every page of every bench: what can take the focus has a name. */
    @Test
    void everyControlHasANameAndItsLook() throws Exception {
        interact(() -> window.document()
                .edit(now -> Examples.exercise("7/8(2+2+3), 5/8", "kick every 5/16", "snare at 1:0 >1:1/4")));
        List<String> nameless = new ArrayList<>();
        List<String> bare = new ArrayList<>();
        onEveryPage(where -> {
            namelessIn(root()).forEach(node -> nameless.add(where + ": " + node));
            root().lookupAll("*").stream()
                    .filter(node -> !Collections.disjoint(node.getStyleClass(), TrimmedTheme.leftOut()))
                    .forEach(node -> bare.add(where + ": " + node));
        });
        assertThat(nameless).isEmpty();
        assertThat(bare).as("controls whose rules the theme leaves out").isEmpty();
    }

    private static List<Node> namelessIn(Parent parent) {
        List<Node> nameless = new ArrayList<>();
        for (Node node : parent.getChildrenUnmodifiable()) {
            if (!node.isVisible()) {
                continue;
            }
            boolean holder = node instanceof ScrollPane || node instanceof ScrollBar || node instanceof SplitPane;
            if (node instanceof Control && node.isFocusTraversable() && !holder && !isNamed(node)) {
                nameless.add(node);
            }
            if (node instanceof Parent inner && !TextEntry.isTypedInto(node)) {
                nameless.addAll(namelessIn(inner));
            }
        }
        return nameless;
    }

    private static boolean isNamed(Node node) {
        String text = node instanceof Labeled labeled ? labeled.getText() : "";
        return (text != null && !text.isBlank())
                || (node.getAccessibleText() != null
                        && !node.getAccessibleText().isBlank());
    }
}
