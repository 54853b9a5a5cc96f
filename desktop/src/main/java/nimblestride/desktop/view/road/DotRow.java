package nimblestride.desktop.view.road;

import java.util.HashMap;
import java.util.Map;
import java.util.stream.IntStream;
import javafx.scene.canvas.GraphicsContext;

/**
 * Draws dots along a level line as the one outline they have together: there may be thousands, most of them over
 * others.
 */
final class DotRow {
    /** How far apart the points of the outline are, in pixels. */
    private static final double STEP = 0.5;

    private final double line;
    /** The radius of the largest dot about each point of the line, in pixels. */
    private final double[] largest;

    /**
     * @param line how far down the line runs, in pixels
     * @param width of what is drawn on, in pixels
     */
    DotRow(double line, double width) {
        this.line = line;
        this.largest = new double[(int) Math.ceil(width / STEP) + 1];
    }

    void add(double x, double radius) {
        int i = (int) Math.round(x / STEP);
        if (i >= 0 && i < largest.length) {
            largest[i] = Math.max(largest[i], radius);
        }
    }

    void fill(GraphicsContext g) {
        double[] heights = heights();
        g.beginPath();
        for (int i = 0; i < heights.length; i++) {
            if (heights[i] > 0) {
                i = trace(g, heights, i);
            }
        }
        g.fill();
    }

    /** How far the outline rises above each point of the line. */
    private double[] heights() {
        double[] heights = new double[largest.length];
        Map<Double, double[]> halves = new HashMap<>();
        for (int i = 0; i < largest.length; i++) {
            if (largest[i] > 0) {
                double[] half = halves.computeIfAbsent(largest[i], DotRow::half);
                int from = Math.max(0, i + 1 - half.length);
                int to = Math.min(heights.length, i + half.length);
                for (int j = from; j < to; j++) {
                    heights[j] = Math.max(heights[j], half[Math.abs(j - i)]);
                }
            }
        }
        return heights;
    }

    /** The right half of a dot, from its middle on: there are thousands of dots, and only as many sizes as layers. */
    private static double[] half(double radius) {
        return IntStream.rangeClosed(0, (int) (radius / STEP))
                .mapToDouble(i -> Math.sqrt(radius * radius - i * STEP * i * STEP))
                .toArray();
    }

    /** One piece of the outline, there above the line and back below it; returns where it ends. */
    private int trace(GraphicsContext g, double[] heights, int first) {
        int end = first;
        g.moveTo(first * STEP - STEP / 2, line);
        while (end < heights.length && heights[end] > 0) {
            g.lineTo(end * STEP, line - heights[end]);
            end++;
        }
        g.lineTo(end * STEP - STEP / 2, line);
        for (int i = end - 1; i >= first; i--) {
            g.lineTo(i * STEP, line + heights[i]);
        }
        g.closePath();
        return end;
    }
}
