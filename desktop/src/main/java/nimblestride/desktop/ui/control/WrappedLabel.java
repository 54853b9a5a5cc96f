package nimblestride.desktop.ui.control;

import javafx.scene.control.Label;

/** Words that go on below where there is too little room across, and are never cut short. */
public class WrappedLabel extends Label {
    /** @param styleClasses what it is besides a label, as the style sheet knows it */
    public WrappedLabel(String text, String... styleClasses) {
        super(text);
        setWrapText(true);
        setMinHeight(USE_PREF_SIZE);
        getStyleClass().addAll(styleClasses);
    }

    /** What it says is told later. */
    public WrappedLabel() {
        this("");
    }
}
