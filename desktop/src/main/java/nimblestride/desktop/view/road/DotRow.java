package nimblestride.desktop.view.road;

import java.util.HashMap;
import java.util.Map;
import java.util.stream.IntStream;
import javafx.scene.canvas.GraphicsContext;

/** Draws a row of dots as one outline: there may be thousands, most of them overlapping. */
final class DotRow {
    /** The distance between points of the outline, in pixels. */
    private static final double STEP = 0.5;

    private final double line;
    /** The radius of the largest dot around each point, in pixels. */
    private final double[] largest;

    /**
     * @param line height of the row below the top, in pixels
     * @param width of the canvas, in pixels
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

    /** Returns how far the outline rises above each point of the row. */
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

    /** Returns the right half of a dot. There are thousands of dots, but only as many sizes as layers. */
    private static double[] half(double radius) {
        return IntStream.rangeClosed(0, (int) (radius / STEP))
                .mapToDouble(i -> Math.sqrt(radius * radius - i * STEP * i * STEP))
                .toArray();
    }

    /** Traces one piece of the outline, out above the row and back below it. Returns where the piece ends. */
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
