package nimblestride.desktop.look;

import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** What may be longer than there is room: it takes what is left of a column, and scrolls down, and across where it must. */
public final class DownScroll extends ScrollPane {
    public DownScroll(Node content) {
        super(content);
        setFitToWidth(true);
        setFocusTraversable(false);
        setHbarPolicy(ScrollBarPolicy.AS_NEEDED);
        VBox.setVgrow(this, Priority.ALWAYS);
    }
}
