package nimblestride.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.testfx.util.WaitForAsyncUtils.waitForFxEvents;

import java.nio.file.Files;
import java.nio.file.StandardCopyOption;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Control;
import javafx.scene.control.Labeled;
import javafx.scene.control.ListView;
import javafx.scene.control.ScrollBar;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Region;
import javafx.scene.text.Text;
import nimblestride.desktop.document.sample.SampleBook;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** On every page, with the sample Book, in windows of every size: no text is cut short, and no control stands where nobody can get at it. */
class LayoutStoryTest extends WindowStory {
    @ParameterizedTest
    @CsvSource({"1024, 700, 100, true", "1280, 800, 200, true", "1280, 800, 150, false"})
    void nothingIsCutShort(int width, int height, int percent, boolean bookShown) throws Exception {
        closeWindow();
        SampleBook.make(home.resolve("sample.book"), LocalDate.of(2026, 6, 1));
        Files.move(home.resolve("sample.book"), home.resolve(StartupTasks.BOOK), StandardCopyOption.REPLACE_EXISTING);
        openAgain();
        interact(() -> {
            window.openFromBook(SampleBook.FIRST);
            window.stage().setWidth(width);
            window.stage().setHeight(height);
            window.appearance().resize(now -> percent);
            window.options().bookShownProperty().set(bookShown);
        });
        until(() -> window.document().analyzedProperty().get().exercise().name().equals(SampleBook.FIRST));
        Set<String> wrong = new TreeSet<>();
        onEveryPage(where -> look(root(), where + ": ", false, wrong));
        assertThat(wrong).isEmpty();
    }

    @Test
    void whereTheBookIsFoldedAwayTheRoadGetsItsRoomAndTheFindingsStayAsWideAsTheyAre() {
        double findings = widthOf(".findings");
        double road = widthOf(".road");
        double book = widthOf(".book");

        chord(KeyCode.SHORTCUT, KeyCode.B);
        assertThat(widthOf(".findings")).isCloseTo(findings, within(3.0));
        assertThat(widthOf(".road")).isCloseTo(road + book, within(12.0));

        chord(KeyCode.SHORTCUT, KeyCode.B);
        assertThat(widthOf(".findings")).isCloseTo(findings, within(3.0));
        assertThat(widthOf(".road")).isCloseTo(road, within(12.0));
    }

    private double widthOf(String part) {
        waitForFxEvents();
        return ((Region) root().lookup(part)).getWidth();
    }

    private void look(Node node, String where, boolean scrolls, Set<String> wrong) {
        // The Book shows a shortened name whole while the mouse rests on it.
        if (!node.isVisible() || node.getStyleClass().contains("book")) {
            return;
        }
        if (node instanceof Labeled labeled && node.lookup(".text") instanceof Text text && isCut(labeled, text)) {
            wrong.add("cut " + where + labeled.getText() + " -> " + text.getText() + " " + labeled.getStyleClass());
        }
        if (node instanceof TextField field && isPromptCut(field)) {
            wrong.add("cut " + where + field.getPromptText() + " in " + field.getId());
        }
        if (node instanceof Control && node.isFocusTraversable() && !scrolls) {
            Region all = (Region) root().lookup(".window");
            Bounds at = all.sceneToLocal(node.localToScene(node.getBoundsInLocal()));
            if (at.getMinX() < -1
                    || at.getMinY() < -1
                    || at.getMaxX() > all.getWidth() + 1
                    || at.getMaxY() > all.getHeight() + 1) {
                wrong.add("out " + where + node.getTypeSelector() + " " + node.getId() + " " + (int) at.getMaxX() + ","
                        + (int) at.getMaxY() + " of " + all.getWidth() + " " + all.getHeight());
            }
        }
        if (node instanceof ScrollPane pane
                && pane.getHbarPolicy() == ScrollPane.ScrollBarPolicy.NEVER
                && pane.getContent().getLayoutBounds().getWidth()
                        > pane.getViewportBounds().getWidth() + 1) {
            wrong.add("beside " + where + pane.getContent() + " is "
                    + pane.getContent().getLayoutBounds().getWidth() + " wide in "
                    + pane.getViewportBounds().getWidth());
        }
        boolean within = scrolls || node instanceof ScrollPane || node instanceof ListView || node instanceof ScrollBar;
        if (node instanceof Parent parent) {
            parent.getChildrenUnmodifiable().forEach(child -> look(child, where, within, wrong));
        }
    }

    /** Only an empty field itself says what belongs in it. */
    private static boolean isPromptCut(TextField field) {
        Text prompt = new Text(field.getPromptText());
        prompt.setFont(field.getFont());
        double room = field.getWidth()
                - field.getInsets().getLeft()
                - field.getInsets().getRight();
        return prompt.getLayoutBounds().getWidth() > room + 1;
    }

    private static boolean isCut(Labeled labeled, Text shown) {
        String text = labeled.getText() == null ? "" : labeled.getText();
        return List.of("...", "…").stream().anyMatch(dots -> shown.getText().endsWith(dots) && !text.endsWith(dots));
    }
}
