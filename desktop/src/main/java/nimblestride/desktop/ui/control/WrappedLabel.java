package nimblestride.desktop.ui.control;

import javafx.scene.control.Label;

/** A label that wraps where there is too little room, and is never cut off. */
public class WrappedLabel extends Label {
    /** @param styleClasses further style classes */
    public WrappedLabel(String text, String... styleClasses) {
        super(text);
        setWrapText(true);
        setMinHeight(USE_PREF_SIZE);
        getStyleClass().addAll(styleClasses);
    }

    /** Makes an empty label. */
    public WrappedLabel() {
        this("");
    }
}
