package nimblestride.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import javafx.css.PseudoClass;
import javafx.geometry.Bounds;
import javafx.geometry.Rectangle2D;
import javafx.scene.AccessibleAttribute;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.SnapshotParameters;
import javafx.scene.canvas.Canvas;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.ListView;
import javafx.scene.control.ScrollBar;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.SplitPane;
import javafx.scene.image.Image;
import javafx.scene.input.Clipboard;
import javafx.scene.input.KeyCode;
import javafx.scene.text.Text;
import javafx.stage.Stage;
import javafx.stage.Window;
import nimblestride.desktop.service.PageId;
import org.junit.jupiter.api.Test;

/** What is larger, what is read instead of seen, and what has the focus. */
class AccessStoryTest extends WindowStory {
    /** What shows the focus stands so far outside a control at the most, in pixels. */
    private static final double RING = 4;

    @Test
    void everythingGrowsToTwiceItsSizeSharplyAndStaysSo() throws Exception {
        lay("7/8(2+2+3), 5/8", "kick every 5/16");
        Canvas road = (Canvas) lookup(".road-lanes").queryParent().lookupAll("Canvas").stream()
                .filter(Canvas.class::isInstance)
                .findFirst()
                .orElseThrow();
        again(() -> chord(KeyCode.SHORTCUT, KeyCode.SHIFT, KeyCode.PERIOD), () -> shows("Display size: 200%."));
        // As many dots are drawn as the screen shows: what is twice as large is drawn twice as fine.
        until(() -> Math.abs(road.getWidth()
                        - road.localToScene(road.getBoundsInLocal()).getWidth())
                < 1);
        closeWindow();
        openAgain();
        until(() -> shows("7/8")
                || lookup("#bars")
                                .queryAs(Node.class)
                                .getLocalToSceneTransform()
                                .getMxx()
                        == 2);
        again(() -> chord(KeyCode.SHORTCUT, KeyCode.SHIFT, KeyCode.COMMA), () -> !shows("Display size: 200%."));
    }

    @Test
    void whatHasTheFocusIsBroughtIntoSight() throws Exception {
        interact(() -> {
            window.stage().setWidth(1_280);
            window.stage().setHeight(800);
            window.appearance().resize(percent -> 200);
        });
        for (String control : List.of("#tempo", "#click", "#add-layer", "#book-search", "#name")) {
            Node node = lookup(control).query();
            interact(node::requestFocus);
            until(() -> {
                Bounds at = node.localToScene(node.getBoundsInLocal());
                return at.getMinX() >= -RING
                        && at.getMinY() >= -RING
                        && at.getMinX() < node.getScene().getWidth()
                        && at.getMinY() < node.getScene().getHeight();
            });
        }
    }

    /** A term in a finding, and a page by its name, say to the mouse and to a screen reader what they mean. */
    @Test
    void whatIsMeantIsSaidWhereItStands() throws Exception {
        lay("7/8(2+2+3), 5/8", "kick every 5/16");
        Node card = lookup(".finding:headline").query();
        assertThat(card.queryAccessibleAttribute(AccessibleAttribute.HELP))
                .asString()
                .contains("Home: Where the bars");
        moveTo("#bars").moveTo(card);
        until(() -> shows("Home: Where the bars"));
        onEveryPage(where -> root().lookupAll(".page-name").forEach(page -> assertThat(page.getAccessibleHelp())
                .as(where + ": " + ((Labeled) page).getText())
                .matches("[A-Z].{15,100}[^.]")));
    }

    /** Through all parts and back, with one key. */
    @Test
    void aKeyGoesFromPartToPart() throws Exception {
        List<String> parts = List.of(".road", ".benches", ".findings", ".book");
        // A part in which nothing can have the focus yet is passed over.
        until(() -> parts.stream()
                .allMatch(part ->
                        WindowParts.inside(lookup(part).query()).findAny().isPresent()));
        // Also from a place where no part begins.
        interact(() -> lookup("#tempo").query().requestFocus());
        for (String part : parts) {
            push(KeyCode.F6);
            until(() -> isWithin(lookup(part).query()));
        }
        // One key at a time: a part that is being filled is passed over.
        push(KeyCode.F6);
        until(() -> lookup("#bars").query().isFocused());
        push(KeyCode.F6);
        until(() -> isWithin(lookup(".road").query()));
        push(KeyCode.F6);
        until(() -> lookup("#add-layer").query().isFocused());
        push(KeyCode.F6);
        until(() -> isWithin(lookup(".findings").query()));
        push(KeyCode.F6);
        until(() -> isWithin(lookup(".book").query()));
        push(KeyCode.F6);
        until(() -> lookup("#bars").query().isFocused());
        chord(KeyCode.SHIFT, KeyCode.F6);
        until(() -> isWithin(lookup(".book").query()));
    }

    /** The first field of the window is the exercise's name, and the next letter would write over it. */
    @Test
    void theFocusStaysNearWhatWasTakenAway() throws Exception {
        lay("7/8(2+2+3)", "kick every 5/16", "snare every 3/8");
        String name = exercise().name();
        select("#layer-row-1");
        interact(() -> lookup("#remove-1").query().requestFocus());
        push(KeyCode.ENTER);
        until(() -> exercise().layers().size() == 1);
        until(() -> isWithin(lookup(".layer-rows").query()));
        select("#layer-row-0");
        interact(() -> lookup("#remove-0").query().requestFocus());
        push(KeyCode.ENTER);
        until(() -> exercise().layers().isEmpty());
        until(() -> isWithin(lookup(".pages").query()));
        // From the page of one bench to another bench.
        interact(() -> lookup("#add-layer").query().requestFocus());
        again(
                () -> chord(KeyCode.SHORTCUT, KeyCode.DIGIT6),
                () -> lookup("#today-minutes").tryQuery().isPresent());
        until(() -> isWithin(lookup(".pages").query()));
        // A click goes to the Road, through what it is scrolled in.
        clickOn(lookup(".road-lanes").queryAs(Node.class));
        until(() -> lookup(".road").query().isFocused());
        // A key goes to what it opens, from wherever; what is opened otherwise leaves the focus where it is.
        interact(() -> lookup("#tempo").query().requestFocus());
        again(
                () -> chord(KeyCode.SHORTCUT, KeyCode.DIGIT2),
                () -> lookup("#reading-0").tryQuery().isPresent());
        until(() -> isWithin(lookup(".pages").query()));
        interact(() -> lookup("#tempo").query().requestFocus());
        interact(() -> window.open(PageId.LAYERS));
        until(() -> lookup("#add-layer").tryQuery().isPresent());
        assertThat(lookup("#tempo").query().isFocused()).isTrue();
        assertThat(exercise().name()).isEqualTo(name);
    }

    private boolean isWithin(Node part) {
        for (Node node = window.stage().getScene().getFocusOwner(); node != null; node = node.getParent()) {
            if (node.equals(part)) {
                return true;
            }
        }
        return false;
    }

    @Test
    void theWayHomeIsReadInWordsAndCopied() throws Exception {
        lay("7/16(2+2+3)", "kick every 5/16");
        interact(() -> window.open(PageId.BAR_BY_BAR));
        ListView<String> words = lookup("#words").queryListView();
        until(() -> words.getItems().size() == 6);
        assertThat(words.getItems().get(5)).isEqualTo("Bar 6, 7/16(2+2+3), everything home: kick on 1, 2e, landing.");
        interact(() -> words.getSelectionModel().selectIndices(1, 2));
        clickOn("#words-copy");
        until(() -> "Bar 2, 7/16(2+2+3): kick on 1a.\nBar 3, 7/16(2+2+3): kick on 1e, 2&."
                .equals(Clipboard.getSystemClipboard().getString()));
        // However much there is to say of a bar, all of it is read.
        lay(
                "[7/8(2+2+3), 5/8] x2",
                "kick every 3/16",
                "ride cell Xxx of 1/8",
                "snare 5 over 2 bars",
                "hi-hat every 1/8");
        until(() -> words.lookupAll(".list-cell").stream()
                .map(Labeled.class::cast)
                .filter(cell -> cell.getText() != null && cell.getText().startsWith("Bar 1, "))
                .anyMatch(cell -> cell.lookup(".text") instanceof Text text
                        && text.getText().endsWith("landing.")));
    }

    /** What lights up is small; what is large enough to dazzle is underlined. */
    @Test
    void largeWordsOnTheStandAreUnderlined() throws Exception {
        lay("2/4");
        interact(() -> window.musicStand().show());
        Stage stand = Window.getWindows().stream()
                .map(Stage.class::cast)
                .filter(stage -> stage.getTitle().startsWith("Stand"))
                .findFirst()
                .orElseThrow();
        chord(KeyCode.SPACE);
        until(() -> litAs("lit", stand) == 1 && litAs("underlined", stand) == 0);
        interact(() -> {
            for (Node word : stand.getScene().getRoot().lookupAll(".stand-foot")) {
                ((Label) word).setMinSize(300, 200);
            }
        });
        until(() -> litAs("underlined", stand) == 1 && litAs("lit", stand) == 0);
        interact(stand::hide);
    }

    private static long litAs(String state, Stage stand) {
        return stand.getScene().getRoot().lookupAll(".label").stream()
                .filter(word -> word.getPseudoClassStates().contains(PseudoClass.getPseudoClass(state)))
                .count();
    }

    /** Every kind of control looks different while it has the focus. */
    @Test
    void theFocusIsAlwaysSeen() throws Exception {
        lay("7/8(2+2+3), 5/8", "kick every 5/16", "snare at 1:0 >1:1/4");
        Set<String> seen = new HashSet<>();
        List<String> hidden = new ArrayList<>();
        onEveryPage(where -> {
            for (Node control : focusable(root())) {
                if (isInSight(control) && seen.add(control.getTypeSelector() + control.getStyleClass())) {
                    look(control, where, hidden);
                }
            }
        });
        assertThat(hidden).isEmpty();
    }

    private static boolean isInSight(Node control) {
        Bounds at = control.localToScene(control.getBoundsInLocal());
        for (Parent around = control.getParent(); around != null; around = around.getParent()) {
            if (around instanceof ScrollPane
                    && !around.localToScene(around.getBoundsInLocal()).contains(at.getCenterX(), at.getCenterY())) {
                return false;
            }
        }
        return true;
    }

    private void look(Node control, String where, List<String> hidden) {
        Node elsewhere =
                root().lookup(control.getId() != null && control.getId().equals("bars") ? "#name" : "#bars");
        elsewhere.requestFocus();
        Image without = picture(control);
        control.requestFocus();
        if (control.isFocused() && isSame(without, picture(control))) {
            hidden.add(where + ": " + control);
        }
    }

    private Image picture(Node control) {
        root().applyCss();
        root().layout();
        SnapshotParameters around = new SnapshotParameters();
        Bounds at = control.localToScene(control.getBoundsInLocal());
        around.setViewport(new Rectangle2D(
                at.getMinX() - RING, at.getMinY() - RING, at.getWidth() + 2 * RING, at.getHeight() + 2 * RING));
        return root().snapshot(around, null);
    }

    private static boolean isSame(Image one, Image other) {
        for (int y = 0; y < (int) one.getHeight(); y++) {
            for (int x = 0; x < (int) one.getWidth(); x++) {
                if (one.getPixelReader().getArgb(x, y) != other.getPixelReader().getArgb(x, y)) {
                    return false;
                }
            }
        }
        return true;
    }

    private static List<Node> focusable(Parent parent) {
        List<Node> found = new ArrayList<>();
        for (Node node : parent.getChildrenUnmodifiable()) {
            boolean holder = node instanceof ScrollPane || node instanceof ScrollBar || node instanceof SplitPane;
            if (!node.isVisible() || node.isDisabled()) {
                continue;
            }
            if (node.isFocusTraversable() && !holder) {
                found.add(node);
            }
            if (node instanceof Parent inner) {
                found.addAll(focusable(inner));
            }
        }
        return found;
    }
}
