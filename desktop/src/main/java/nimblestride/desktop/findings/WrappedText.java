package nimblestride.desktop.findings;

import javafx.scene.control.Label;

/** Text that is broken into lines. How high it then is, is kept. */
final class WrappedText extends Label {
    private final KeptHeight kept = new KeptHeight();

    WrappedText(String styleClass) {
        setWrapText(true);
        setMinHeight(USE_PREF_SIZE);
        getStyleClass().add(styleClass);
    }

    @Override
    protected double computePrefHeight(double width) {
        return kept.at(width, super::computePrefHeight);
    }

    /** Is called whenever its text, its face or what surrounds it has changed. */
    @Override
    public void requestLayout() {
        // Is called from the constructor of what this extends as well.
        if (kept != null) {
            kept.forget();
        }
        super.requestLayout();
    }
}
