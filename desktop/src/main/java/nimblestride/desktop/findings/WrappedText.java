package nimblestride.desktop.findings;

import javafx.scene.control.Label;

/** Text that is broken into lines. How high it then is takes long to measure, is asked again and again, and is kept. */
final class WrappedText extends Label {
    private double measuredFor = Double.NaN;
    private double measured;

    WrappedText(String styleClass) {
        setWrapText(true);
        setMinHeight(USE_PREF_SIZE);
        getStyleClass().add(styleClass);
    }

    @Override
    protected double computePrefHeight(double width) {
        if (measuredFor != width) {
            measured = super.computePrefHeight(width);
            measuredFor = width;
        }
        return measured;
    }

    /** Is called whenever its text, its face or what surrounds it has changed. */
    @Override
    public void requestLayout() {
        measuredFor = Double.NaN;
        super.requestLayout();
    }
}
