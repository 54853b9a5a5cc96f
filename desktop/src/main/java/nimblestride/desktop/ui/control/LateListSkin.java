package nimblestride.desktop.ui.control;

import javafx.scene.control.ComboBox;
import javafx.scene.control.skin.ComboBoxListViewSkin;

/**
 * Gives a choice its list when the list opens, or when the choice is as wide as its widest item. The toolkit's own skin has the list
 * among the parts of the choice from the beginning, and styles it with them. The style sheet names this class.
 */
public final class LateListSkin<T> extends ComboBoxListViewSkin<T> {
    /** @param choice has no list until it needs one */
    public LateListSkin(ComboBox<T> choice) {
        super(choice);
        getChildren().remove(getPopupContent());
    }

    @Override
    protected double computePrefWidth(
            double height, double topInset, double rightInset, double bottomInset, double leftInset) {
        if (getPopupContent().getParent() == null) {
            getChildren().add(getPopupContent());
            getPopupContent().applyCss();
        }
        return super.computePrefWidth(height, topInset, rightInset, bottomInset, leftInset);
    }
}
