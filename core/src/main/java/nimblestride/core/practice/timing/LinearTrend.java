package nimblestride.core.practice.timing;

import java.util.List;
import java.util.Optional;

/**
 * A straight line through points, by least squares.
 *
 * @param atZero its value at 0
 * @param slope rise per unit
 * @param scatter standard deviation of the residuals, with two degrees of freedom less than points
 * @param chance standard error of the slope
 */
public record LinearTrend(double atZero, double slope, double scatter, double chance) {
    /** A point to fit. */
    public record Point(double x, double y) {}

    /** Fits a line; returns empty for fewer than three points, or where all have the same x. */
    public static Optional<LinearTrend> through(List<Point> points) {
        int count = points.size();
        double meanX = points.stream().mapToDouble(Point::x).average().orElse(0);
        double meanY = points.stream().mapToDouble(Point::y).average().orElse(0);
        double xx = 0;
        double xy = 0;
        for (Point point : points) {
            xx += (point.x - meanX) * (point.x - meanX);
            xy += (point.x - meanX) * (point.y - meanY);
        }
        if (count < 3 || xx == 0) {
            return Optional.empty();
        }
        double slope = xy / xx;
        double atZero = meanY - slope * meanX;
        double left = 0;
        for (Point point : points) {
            double off = point.y - atZero - slope * point.x;
            left += off * off;
        }
        double scatter = Math.sqrt(left / (count - 2));
        return Optional.of(new LinearTrend(atZero, slope, scatter, scatter / Math.sqrt(xx)));
    }

    /** Returns whether the slope is larger than chance would make it, except once in hundreds of times. */
    public boolean isSure() {
        return Math.abs(slope) > 3 * chance;
    }
}
