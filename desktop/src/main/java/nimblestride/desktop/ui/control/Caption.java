package nimblestride.desktop.ui.control;

import javafx.scene.control.Label;

/** A few quiet words beside a control, never cut off. */
public final class Caption extends Label {
    /** @param text to show */
    public Caption(String text) {
        super(text);
        getStyleClass().add("quiet");
        setMinWidth(USE_PREF_SIZE);
    }
}
