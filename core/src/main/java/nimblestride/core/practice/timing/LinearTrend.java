package nimblestride.core.practice.timing;

import java.util.List;
import java.util.Optional;

/**
 * A straight line through points, by least squares.
 *
 * @param atZero where it begins
 * @param slope how much it rises for each unit
 * @param scatter how far the points lie off it: the standard deviation of what is left, with two less than there are points
 * @param chance how far the slope would scatter by chance alone: its standard error
 */
public record LinearTrend(double atZero, double slope, double scatter, double chance) {
    /** A point to be fitted. */
    public record Point(double x, double y) {}

    /** The line through points; empty for fewer than three, or where all stand above one place. */
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

    /** Whether it rises or falls more than chance alone would have it, all but once in hundreds of times. */
    public boolean isSure() {
        return Math.abs(slope) > 3 * chance;
    }
}
