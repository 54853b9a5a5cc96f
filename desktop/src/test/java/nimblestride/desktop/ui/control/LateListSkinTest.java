package nimblestride.desktop.ui.control;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ListView;
import javafx.scene.control.skin.ComboBoxListViewSkin;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import nimblestride.desktop.OnStage;
import org.junit.jupiter.api.Test;

/** Three choices of the same: of a set width, as wide as they need, and with the toolkit's own skin. */
class LateListSkinTest extends OnStage {
    private final ComboBox<String> set = choice();
    private final ComboBox<String> wide = choice();
    private final ComboBox<String> usual = choice();

    private static ComboBox<String> choice() {
        ComboBox<String> choice = new ComboBox<>();
        choice.getItems().setAll("none", "every other bar, as in a long phrase");
        choice.setValue("none");
        return choice;
    }

    @Override
    protected Parent content() {
        set.setSkin(new LateListSkin<>(set));
        set.setPrefWidth(120);
        set.setMinWidth(Region.USE_PREF_SIZE);
        wide.setSkin(new LateListSkin<>(wide));
        usual.setSkin(new ComboBoxListViewSkin<>(usual));
        return new HBox(set, wide, usual);
    }

    private static boolean hasAList(ComboBox<String> choice) {
        return choice.getChildrenUnmodifiable().stream().anyMatch(ListView.class::isInstance);
    }

    @Test
    void aChoiceIsAsWideAsItsWidestItemUnlessItsWidthIsSet() {
        assertThat(wide.getWidth()).isEqualTo(usual.getWidth()).isGreaterThan(set.getWidth());
        assertThat(set.getWidth()).isEqualTo(120);
        assertThat(hasAList(usual)).isTrue();
        assertThat(hasAList(set)).isFalse();
    }

    @Test
    void theListOpensAsTheToolkitsDoes() {
        assertThat(opened(wide)).isEqualTo(opened(usual));
        assertThat(opened(set).getHeight()).isEqualTo(opened(usual).getHeight());
    }

    /** Opens a choice, closes it, and returns how large its list was. */
    private Bounds opened(ComboBox<?> choice) {
        clickOn(choice);
        frames(2);
        Node list = ((ComboBoxListViewSkin<?>) choice.getSkin()).getPopupContent();
        assertThat(list.getScene().getWindow().isShowing()).isTrue();
        Bounds size = list.getLayoutBounds();
        type(KeyCode.ESCAPE);
        return size;
    }

    @Test
    void anItemIsChosen() {
        clickOn(set);
        type(KeyCode.DOWN, KeyCode.ENTER);
        assertThat(set.getValue()).startsWith("every other bar");
        assertThat(set.isShowing()).isFalse();
    }
}
