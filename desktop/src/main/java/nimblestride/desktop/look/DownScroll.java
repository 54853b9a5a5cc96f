package nimblestride.desktop.look;

import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** What may be longer than there is room: it takes what is left of a column, and scrolls down, never across. */
public final class DownScroll extends ScrollPane {
    public DownScroll(Node content) {
        super(content);
        setFitToWidth(true);
        setFocusTraversable(false);
        setHbarPolicy(ScrollBarPolicy.NEVER);
        VBox.setVgrow(this, Priority.ALWAYS);
    }
}
