package nimblestride.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.geometry.VerticalDirection;
import javafx.scene.Node;
import javafx.scene.control.Labeled;
import javafx.scene.control.ListView;
import javafx.scene.control.ScrollBar;
import javafx.scene.input.Clipboard;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import nimblestride.core.language.text.LayerText;
import nimblestride.desktop.view.road.RoadView;
import org.junit.jupiter.api.Test;

/** The window by the mouse: the wheel, clicks on what is drawn, and the menu under the right button. */
class MouseStoryTest extends WindowStory {
    private RoadView road() {
        return lookup(".road").queryAs(RoadView.class);
    }

    private Bounds onScreen(String query) {
        Node node = lookup(query).query();
        return node.localToScreen(node.getBoundsInLocal());
    }

    /** How far the first bar line is from the left edge of the screen. */
    private double beginning() {
        return road().screenPlace(0).getX();
    }

    /** How many pixels a whole note takes. */
    private double scale() {
        return road().screenPlace(1).getX() - beginning();
    }

    private String copied() {
        List<String> copied = new ArrayList<>();
        interact(() -> copied.add(Clipboard.getSystemClipboard().getString()));
        return copied.get(0);
    }

    @Test
    void theWheelScrollsTheRoadAndWithControlItComesNearer() throws Exception {
        lay("10/8(3+3+2+2) x2, 9/16", "kick every 5/16");
        Point2D place = road().screenPlace(0.5).add(0, -40);
        double begun = beginning();
        moveTo(place).scroll(4, VerticalDirection.DOWN);
        until(() -> beginning() < begun - 20);
        scroll(12, VerticalDirection.UP);
        until(() -> beginning() == begun);
        double scale = scale();
        double under = (place.getX() - begun) / scale;
        press(KeyCode.CONTROL).scroll(2, VerticalDirection.UP).release(KeyCode.CONTROL);
        until(() -> scale() > scale * 1.2);
        // What is under the pointer stays under it.
        assertThat((place.getX() - beginning()) / scale()).isCloseTo(under, within(0.01));
        press(KeyCode.CONTROL).scroll(6, VerticalDirection.DOWN).release(KeyCode.CONTROL);
        until(() -> scale() < scale);
        // As near as before with the keyboard, the Road in focus.
        clickOn(place).type(KeyCode.DIGIT0);
        until(() -> scale() == scale);
    }

    @Test
    void aClickOnTheWholeWayGoesThere() throws Exception {
        lay("10/8(3+3+2+2) x2, 9/16", "kick every 5/16");
        double begun = beginning();
        Bounds strip = onScreen(".journey");
        clickOn(strip.getMinX() + strip.getWidth() * 0.7, strip.getMinY() + strip.getHeight() / 2);
        until(() -> beginning() < begun - 500);
        drag(strip.getMinX() + strip.getWidth() * 0.7, strip.getMinY() + strip.getHeight() / 2, MouseButton.PRIMARY)
                .dropTo(strip.getMinX() + 110, strip.getMinY() + strip.getHeight() / 2);
        until(() -> beginning() == begun);
    }

    @Test
    void theWheelScrollsTheWeaveAndWithControlItComesNearer() throws Exception {
        lay("127/128", "kick every 1021/1024");
        clickOn("#bench-cross").clickOn("#page-weave");
        until(() -> lookup("#weave-parts").queryAs(Labeled.class).getText().contains("1,021 bars"));
        Node weave = lookup("#weave").query();
        ScrollBar bar = (ScrollBar) weave.lookup(".scroll-bar");
        moveTo(weave).scroll(8, VerticalDirection.DOWN);
        until(() -> bar.getValue() > 1);
        scroll(30, VerticalDirection.UP);
        until(() -> bar.getValue() == 0);
        double seen = bar.getVisibleAmount();
        press(KeyCode.CONTROL).scroll(4, VerticalDirection.UP).release(KeyCode.CONTROL);
        until(() -> bar.getVisibleAmount() < seen);
    }

    @Test
    void aClickOnACountOfTheCountLinesPlacesAVoiceThere() throws Exception {
        lay("2/4, 3/8");
        clickOn("#bench-place").clickOn("#page-counts");
        Bounds lines = onScreen("#count-lines");
        double y = lines.getMinY() + 30;
        clickOn(lines.getMinX() + 104, y);
        until(() -> exercise().layers().size() == 1);
        assertThat(LayerText.write(exercise().layers().get(0))).matches(".* at 1:0");
        // Further on, in the second bar; the last count is the nearest to a click on its right.
        clickOn(lines.getMinX() + 260, y);
        until(() -> LayerText.write(exercise().layers().get(0)).matches(".* at 1:0 [12]:\\S+"));
        // Names of limbs are no counts.
        clickOn(lines.getMinX() + 20, y);
        assertThat(LayerText.write(exercise().layers().get(0))).matches(".* at 1:0 [12]:\\S+");
        chord(KeyCode.SHORTCUT, KeyCode.Z);
        until(() -> LayerText.write(exercise().layers().get(0)).matches(".* at 1:0"));
    }

    @Test
    void aFindingIsClickedForItsPlaceAndCopiedFromItsMenu() throws Exception {
        lay("10/8(3+3+2+2) x2, 9/16", "kick every 5/16");
        double begun = beginning();
        Node card = lookup(".finding:headline").query();
        clickOn(card);
        until(() -> beginning() < begun);
        assertThat(card.isFocused()).isTrue();
        rightClickOn(card);
        clickOn("Copy");
        assertThat(copied())
                .startsWith("Everything lines up again after 15 bars")
                .isEqualTo(card.getAccessibleText());
    }

    @Test
    void theBarThatIsHeardIsChosenInWords() throws Exception {
        lay("1/8, 1/16", "kick every 3/16");
        clickOn("#bench-cross").clickOn("#page-bar-by-bar");
        ListView<?> words = lookup("#words").queryAs(ListView.class);
        until(() -> words.getItems().size() > 1);
        clickOn("#play");
        until(() -> words.getSelectionModel().getSelectedIndex() == 1);
        clickOn("#play");
        clickOn("#words-copy");
        assertThat(copied()).startsWith("Bar ").contains("kick");
    }
}
