package nimblestride.desktop.look;

import javafx.scene.Node;
import javafx.scene.control.ScrollPane;

/**
 * What is scrolled to where it has no room. It takes no focus of its own. What it shows is drawn straight to the window: the picture
 * that the toolkit keeps of it otherwise is of use only for what never changes.
 */
public class Scrolled extends ScrollPane {
    public Scrolled(Node content) {
        super(content);
        setFitToWidth(true);
        setFocusTraversable(false);
        skinProperty().addListener(change -> {
            Node seen = lookup(".viewport");
            if (seen != null) {
                seen.setCache(false);
            }
        });
    }

    /** A click on what it shows would give it the focus. */
    @Override
    public void requestFocus() {
        // It takes none.
    }

    /** What has room is as high as the room. */
    public final Scrolled filled() {
        setFitToHeight(true);
        return this;
    }
}
