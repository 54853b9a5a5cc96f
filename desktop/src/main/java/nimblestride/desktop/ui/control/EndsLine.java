package nimblestride.desktop.ui.control;

import javafx.geometry.Orientation;
import javafx.scene.layout.Region;

/**
 * Shows one thing at each end of a line; where both have no room beside each other, the second goes below the first.
 */
public final class EndsLine extends Region {
    private final Region first;
    private final Region second;

    public EndsLine(Region first, Region second) {
        this.first = first;
        this.second = second;
        getChildren().setAll(first, second);
    }

    private double across() {
        return snappedLeftInset() + snappedRightInset();
    }

    private double down() {
        return snappedTopInset() + snappedBottomInset();
    }

    private boolean fits(double width) {
        return first.minWidth(-1) + second.prefWidth(-1) <= width - across();
    }

    @Override
    public Orientation getContentBias() {
        return Orientation.HORIZONTAL;
    }

    @Override
    protected double computeMinWidth(double height) {
        return Math.max(first.minWidth(-1), second.minWidth(-1)) + across();
    }

    @Override
    protected double computePrefWidth(double height) {
        return first.prefWidth(-1) + second.prefWidth(-1) + across();
    }

    @Override
    protected double computeMinHeight(double width) {
        return computePrefHeight(width);
    }

    @Override
    protected double computePrefHeight(double width) {
        double one = first.prefHeight(-1);
        double other = second.prefHeight(-1);
        return (width < 0 || fits(width) ? Math.max(one, other) : one + other) + down();
    }

    @Override
    protected void layoutChildren() {
        double left = snappedLeftInset();
        double top = snappedTopInset();
        double room = getWidth() - across();
        double own = Math.min(room, second.prefWidth(-1));
        if (fits(getWidth())) {
            double height = getHeight() - down();
            first.resizeRelocate(left, top, room - own, height);
            second.resizeRelocate(left + room - own, top, own, height);
        } else {
            double height = first.prefHeight(-1);
            first.resizeRelocate(left, top, room, height);
            second.resizeRelocate(left, top + height, own, second.prefHeight(-1));
        }
    }
}
