package nimblestride.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.testfx.util.WaitForAsyncUtils.waitForFxEvents;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
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
import nimblestride.core.language.text.BarsText;
import nimblestride.core.time.value.NoteValue;
import nimblestride.desktop.document.sample.SampleBook;
import nimblestride.desktop.view.road.RoadView;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** On every page, with the sample Book, in windows of every size: no text is cut short, and no control stands where nobody can get at it. */
class LayoutStoryTest extends WindowStory {
    @ParameterizedTest
    @CsvSource({"1024, 700, 100, true", "1280, 800, 200, true", "1280, 800, 150, false"})
    void nothingIsCutShort(int width, int height, int percent, boolean bookShown) throws Exception {
        Path sample = sample();
        interact(() -> window.book().restore(sample, () -> {}));
        untilDone();
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

    /** Makes the sample Book once; it takes seconds. */
    private static Path sample() {
        Path file = folders.resolve("sample.book");
        if (!Files.exists(file)) {
            SampleBook.make(file, LocalDate.of(2026, 6, 1));
        }
        return file;
    }

    @Test
    void whereTheBookIsFoldedAwayTheRoadGetsItsRoomAndTheFindingsStayAsWideAsTheyAre() throws Exception {
        double findings = widthOf(".findings");
        double road = widthOf(".road");
        double book = widthOf(".book");

        chord(KeyCode.SHORTCUT, KeyCode.B);
        assertThat(widthOf(".findings")).isCloseTo(findings, within(3.0));
        assertThat(widthOf(".road")).isCloseTo(road + book - PaneRail.WIDTH, within(12.0));
        // What the workspace is about is said whole or not at all.
        Set<String> wrong = new TreeSet<>();
        interact(() -> look(root(), "Book folded away: ", false, wrong));
        assertThat(wrong).isEmpty();

        fire("#unfold-book");
        assertThat(widthOf(".findings")).isCloseTo(findings, within(3.0));
        assertThat(widthOf(".road")).isCloseTo(road, within(12.0));
        chord(KeyCode.SHORTCUT, KeyCode.G);
        assertThat(widthOf(".road")).isCloseTo(road + findings - PaneRail.WIDTH, within(12.0));
        fire("#unfold-findings");
        assertThat(widthOf(".findings")).isCloseTo(findings, within(3.0));
    }

    /** What is folded away stays so. */
    @Test
    void whatIsFoldedIsRemembered() throws Exception {
        chord(KeyCode.SHORTCUT, KeyCode.B);
        chord(KeyCode.SHORTCUT, KeyCode.G);
        closeWindow();
        openAgain();
        assertThat(lookup("#unfold-book").tryQuery()).isPresent();
        assertThat(lookup("#unfold-findings").tryQuery()).isPresent();
        assertThat(root().lookup(".findings")).isNull();
    }

    /** In a large window the Road continues in rows until the whole cycle is in sight; its feet move in every row. */
    @Test
    void aLargeWindowShowsTheWholeCycleInRows() throws Exception {
        interact(() -> {
            window.stage().setWidth(1920);
            window.stage().setHeight(1080);
        });
        lay("10/8 x2, 9/16", "kick every 5/16");
        RoadView road = lookup(".road").queryAs(RoadView.class);
        until(() -> road.rows() > 1);
        // The last of 15 bars, 45 sixteenths before home.
        double last = 236 / 16.0;
        assertThat(road.screenPlace(last).getY())
                .isGreaterThan(road.screenPlace(0).getY() + 100);
        assertThat(road.screenPlace(last).getX()).isBetween(road.screenPlace(0).getX(), 1920.0);

        // A foot of bar 10 is dragged from 6 to 5 eighths: it is the first bar of the phrase.
        double tenth = (3 * 49) / 16.0;
        Point2D foot = road.screenPlace(tenth + 6 / 8.0);
        assertThat(foot.getY()).isGreaterThan(road.screenPlace(0).getY() + 100);
        drag(foot).dropTo(road.screenPlace(tenth + 5 / 8.0));
        until(() -> BarsText.write(exercise().phrase()).startsWith("10/8(3+2+3+2)"));

        interact(road::requestFocus);
        interact(() -> {
            road.zoomIn();
            road.zoomIn();
            road.zoomIn();
        });
        type(KeyCode.HOME);
        until(() -> road.firstBarInView().isZero());
        double top = road.screenPlace(0).getY();
        type(KeyCode.DOWN);
        until(() -> road.firstBarInView().compareTo(NoteValue.ZERO) > 0);
        type(KeyCode.UP);
        until(() -> road.firstBarInView().isZero());
        assertThat(road.screenPlace(0).getY()).isEqualTo(top);
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
                wrong.add("out " + where + node.getTypeSelector() + " " + node.getId() + " " + at + " of "
                        + all.getWidth() + " " + all.getHeight());
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
