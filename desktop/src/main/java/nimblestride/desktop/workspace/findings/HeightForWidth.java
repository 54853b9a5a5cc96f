package nimblestride.desktop.workspace.findings;

import javafx.geometry.Orientation;
import javafx.scene.layout.Region;

/**
 * As high as it has to be at the width there is. How high that is is worked out once for each width, however often those around it
 * ask, until it is to be laid out anew.
 */
abstract class HeightForWidth extends Region {
    private double width = Double.NaN;
    private double height;

    /** @return how high it has to be, in pixels, at a width in pixels */
    abstract double heightAt(double across);

    /** Also asks the block it is in, whose height may have changed with its own. */
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
