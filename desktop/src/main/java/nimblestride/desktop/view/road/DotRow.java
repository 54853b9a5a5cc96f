package nimblestride.desktop.view.road;

import java.util.Arrays;
import java.util.stream.IntStream;
import javafx.scene.canvas.GraphicsContext;

/** Draws a row of dots as one outline: there may be thousands, most of them overlapping. */
final class DotRow {
    /** The distance between points of the outline, in pixels. */
    private static final double STEP = 0.5;

    private final double line;
    /** The right half of a dot of each size, as its height above each point. */
    private final double[][] halves;
    /** The size of the largest dot around each point, counted from 1; 0 for none. */
    private final int[] largest;

    /**
     * @param line height of the row below the top, in pixels
     * @param width of the canvas, in pixels
     * @param radii of the dots, in pixels, the smallest first
     */
    DotRow(double line, double width, double[] radii) {
        this.line = line;
        this.halves = Arrays.stream(radii).mapToObj(DotRow::half).toArray(double[][]::new);
        this.largest = new int[(int) Math.ceil(width / STEP) + 1];
    }

    /** @param size which of the radii it has, counted from 1 */
    void add(double x, int size) {
        int i = (int) Math.round(x / STEP);
        if (i >= 0 && i < largest.length) {
            largest[i] = Math.max(largest[i], size);
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
        for (int i = 0; i < largest.length; i++) {
            if (isWithin(i)) {
                heights[i] = Math.max(heights[i], halves[largest[i] - 1][0]);
            } else if (largest[i] > 0) {
                double[] half = halves[largest[i] - 1];
                int from = Math.max(0, i + 1 - half.length);
                int to = Math.min(heights.length, i + half.length);
                for (int j = from; j < to; j++) {
                    heights[j] = Math.max(heights[j], half[Math.abs(j - i)]);
                }
            }
        }
        return heights;
    }

    /** Returns whether the dots left and right of a dot cover all of it but its middle. */
    private boolean isWithin(int i) {
        return largest[i] > 0
                && i > 0
                && i + 1 < largest.length
                && largest[i - 1] >= largest[i]
                && largest[i + 1] >= largest[i];
    }

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
            if (turns(heights, end)) {
                g.lineTo(end * STEP, line - heights[end]);
            }
            end++;
        }
        g.lineTo(end * STEP - STEP / 2, line);
        for (int i = end - 1; i >= first; i--) {
            if (turns(heights, i)) {
                g.lineTo(i * STEP, line + heights[i]);
            }
        }
        g.closePath();
        return end;
    }

    /** Returns whether the outline does not just go on level at a point. */
    private static boolean turns(double[] heights, int i) {
        boolean level = i > 0 && i + 1 < heights.length && heights[i - 1] == heights[i] && heights[i] == heights[i + 1];
        return !level;
    }
}
