package nimblestride.desktop.ui.control;

import javafx.scene.Node;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/**
 * Scrolls what may be longer than there is room: it fills the rest of a column, and scrolls down, and across where it
 * must.
 */
public final class VerticalScroll extends ScrollIntoView {
    public VerticalScroll(Node content) {
        super(content);
        VBox.setVgrow(this, Priority.ALWAYS);
    }
}
