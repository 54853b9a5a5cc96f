package nimblestride.desktop.workspace.findings;

import javafx.geometry.Orientation;
import javafx.scene.layout.Region;

/**
 * Takes the height it needs at its width. Computes that height once per width, however often its parents ask, until
 * its content changes.
 */
abstract class HeightForWidth extends Region {
    private double width = Double.NaN;
    private double height;

    /**
     * Returns the height it needs.
     *
     * @param across the width
     * @return the height, in pixels
     */
    abstract double heightAt(double across);

    /** Requests a layout of its parent too, whose height may have changed. */
    @Override
    public void requestLayout() {
        width = Double.NaN;
        super.requestLayout();
        if (getParent() instanceof HeightForWidth around) {
            around.requestLayout();
        }
    }

    @Override
    public final Orientation getContentBias() {
        return Orientation.HORIZONTAL;
    }

    @Override
    protected final double computeMinHeight(double across) {
        return computePrefHeight(across);
    }

    @Override
    protected final double computePrefHeight(double across) {
        double asked = across < 0 ? getWidth() : across;
        if (asked != width) {
            height = heightAt(asked);
            width = asked;
        }
        return height;
    }
}
