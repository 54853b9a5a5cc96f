package nimblestride.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import javafx.scene.AccessibleAttribute;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Labeled;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuBar;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextInputControl;
import javafx.scene.text.Text;
import nimblestride.desktop.ui.field.TextEntry;
import nimblestride.desktop.words.WordRules;
import org.junit.jupiter.api.Test;

/** Reads the running window as its user does: every page, every menu, and what a screen reader says of each. */
@OwnStart
class WordsStoryTest extends WindowStory {
    @Test
    void everyPageIsPlain() throws Exception {
        lay("7/8(2+2+3), 5/8", "kick every 5/16", "snare sticking R L R R of 1/16");
        Set<String> wrong = new TreeSet<>();
        onEveryPage(where -> check(where, textsIn(root()), wrong));
        interact(() -> ((MenuBar) lookup(".menu-bar").query())
                .getMenus()
                .forEach(menu -> check("menu " + menu.getText(), textsOf(menu), wrong)));
        assertThat(wrong).isEmpty();
    }

    private static void check(String where, Set<String> texts, Set<String> wrong) {
        assertThat(texts).as(where).isNotEmpty();
        texts.forEach(
                text -> WordRules.problems(text).forEach(problem -> wrong.add(where + ": " + problem + " in " + text)));
    }

    private static Set<String> textsIn(Parent parent) {
        Set<String> texts = new LinkedHashSet<>();
        for (Node node : parent.getChildrenUnmodifiable()) {
            Stream.of(node.getAccessibleText(), help(node), own(node))
                    .filter(Objects::nonNull)
                    .filter(text -> !text.isBlank())
                    .forEach(texts::add);
            if (node instanceof ComboBox<?> box) {
                texts.addAll(choices(box));
            }
            if (node instanceof Parent inner && !TextEntry.isTypedInto(node)) {
                texts.addAll(textsIn(inner));
            }
        }
        return texts;
    }

    private static String help(Node node) {
        return (String) node.queryAccessibleAttribute(AccessibleAttribute.HELP);
    }

    private static String own(Node node) {
        if (node instanceof TextInputControl field) {
            return field.getPromptText();
        }
        return node instanceof Labeled labeled ? labeled.getText() : node instanceof Text text ? text.getText() : null;
    }

    private static <T> List<String> choices(ComboBox<T> box) {
        List<String> choices = new ArrayList<>();
        for (T item : box.getItems()) {
            choices.add(
                    box.getConverter() == null
                            ? String.valueOf(item)
                            : box.getConverter().toString(item));
        }
        return choices;
    }

    private static Set<String> textsOf(Menu menu) {
        Set<String> texts = new LinkedHashSet<>(List.of(menu.getText()));
        for (MenuItem item : menu.getItems()) {
            if (item instanceof Menu inner) {
                texts.addAll(textsOf(inner));
            } else if (item.getText() != null) {
                texts.add(item.getText());
            }
        }
        return texts;
    }
}
