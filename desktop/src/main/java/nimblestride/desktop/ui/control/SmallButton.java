package nimblestride.desktop.ui.control;

import javafx.scene.control.Button;

/** A button within a page, never cut off. */
public final class SmallButton extends Button {
    public SmallButton(String text, Runnable action) {
        super(text);
        getStyleClass().add("small");
        setMinWidth(USE_PREF_SIZE);
        setOnAction(event -> action.run());
    }

    /** Makes a button with an id. */
    public SmallButton(String text, String id, Runnable action) {
        this(text, action);
        setId(id);
    }
}
