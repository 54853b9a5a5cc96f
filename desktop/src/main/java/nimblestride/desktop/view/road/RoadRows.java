package nimblestride.desktop.view.road;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleUnaryOperator;

/**
 * Divides the Road into rows, like lines of text: each but the last ends at a bar line, unless a bar is longer than the
 * row.
 *
 * @param ranges what each row shows, in order; each begins where the one before it ends
 */
record RoadRows(List<VisibleRange> ranges) {
    /** The part of a row by which a bar line may miss the end of the view and still count as there. */
    private static final double NEAR = 1e-9;

    /** Half a pixel. */
    private static final double HAIR = 0.5;

    RoadRows {
        ranges = List.copyOf(ranges);
    }

    /** The room for the rows: how many at most, how wide each is in pixels, and how long the cycle is. */
    record Room(int most, double width, double length) {}

    /**
     * Divides the Road from a moment on.
     *
     * @param barStart returns where the bar at a moment begins
     */
    static RoadRows from(double start, double scale, Room room, DoubleUnaryOperator barStart) {
        double reach = room.width / scale;
        List<VisibleRange> ranges = new ArrayList<>();
        double at = start;
        while (true) {
            boolean last = ranges.size() + 1 >= room.most || at + reach >= room.length - NEAR * reach;
            double end = last ? at + reach : endOf(at, reach, barStart);
            double width = (end - at) * scale;
            // The bar line at the end is drawn where the next row begins.
            ranges.add(new VisibleRange(at, last ? width : width - HAIR, scale));
            if (last) {
                return new RoadRows(ranges);
            }
            at = end;
        }
    }

    private static double endOf(double at, double reach, DoubleUnaryOperator barStart) {
        double bar = barStart.applyAsDouble(at + reach * (1 + NEAR));
        return bar > at + NEAR * reach ? bar : at + reach;
    }

    /** Returns where the first row begins when the last one ends with the cycle. */
    static double lastStart(double scale, Room room, DoubleUnaryOperator barStart) {
        double reach = room.width / scale;
        double at = room.length;
        for (int row = 0; row < room.most && at > 0; row++) {
            double earliest = Math.max(0, at - reach);
            double bar = barStart.applyAsDouble(earliest);
            double next = bar < earliest - NEAR * reach ? nextBar(earliest, at, barStart) : bar;
            at = next < at ? next : earliest;
        }
        return at;
    }

    /** Returns the first bar line after a moment and before an end, found by halving; the end where there is none. */
    private static double nextBar(double moment, double end, DoubleUnaryOperator barStart) {
        double before = moment;
        double after = end;
        double here = barStart.applyAsDouble(moment);
        if (barStart.applyAsDouble(end) <= here) {
            return end;
        }
        for (int i = 0; i < 60; i++) {
            double middle = (before + after) / 2;
            if (barStart.applyAsDouble(middle) > here) {
                after = middle;
            } else {
                before = middle;
            }
        }
        return barStart.applyAsDouble(after);
    }

    /** Returns the largest scale at most as large as one at which the cycle fits; the least one where it never does. */
    static double scaleToFit(double largest, double least, Room room, DoubleUnaryOperator barStart) {
        double scale = largest;
        while (scale > least && !from(0, scale, room, barStart).reaches(room.length)) {
            scale = Math.max(least, scale * 0.96);
        }
        return scale;
    }

    /** Returns whether the rows reach a moment. */
    boolean reaches(double moment) {
        return end() >= moment;
    }

    double start() {
        return ranges.get(0).start();
    }

    double end() {
        return ranges.get(ranges.size() - 1).end();
    }

    /** Returns all rows as one range. */
    VisibleRange all() {
        double scale = ranges.get(0).scale();
        return new VisibleRange(start(), (end() - start()) * scale, scale);
    }

    /** Returns the row that shows a moment, from 0; the first or last one where none does. */
    int rowOf(double moment) {
        int row = 0;
        while (row + 1 < ranges.size() && moment >= ranges.get(row + 1).start()) {
            row++;
        }
        return row;
    }
}
