package nimblestride.desktop.findings;

import nimblestride.desktop.look.Wrapped;

/** Text that is broken into lines. How high it then is, is kept. */
final class WrappedText extends Wrapped {
    private final KeptHeight kept = new KeptHeight();

    WrappedText(String styleClass) {
        super("", styleClass);
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
