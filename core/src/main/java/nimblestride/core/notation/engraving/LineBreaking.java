package nimblestride.core.notation.engraving;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/** Breaks bars into lines so that all lines together stretch as little as possible. */
final class LineBreaking {
    private static final double SQUEEZED = 8;

    private LineBreaking() {}

    /**
     * Returns the lines.
     *
     * @param width room for bars in a line
     */
    static List<List<BarSegment>> lines(List<BarSegment> segments, double width) {
        int count = segments.size();
        double[] cost = new double[count + 1];
        int[] from = new int[count + 1];
        for (int end = 1; end <= count; end++) {
            cost[end] = Double.POSITIVE_INFINITY;
            double least = 0;
            double natural = 0;
            double room = width - (end < count ? segments.get(end).courtesy() : 0);
            for (int first = end - 1; first >= 0; first--) {
                least += segments.get(first).least();
                natural += segments.get(first).natural();
                boolean fits = least <= room;
                if (!fits && first < end - 1) {
                    break;
                }
                double line = cost[first] + cost(natural, room, end == count);
                if (line < cost[end]) {
                    cost[end] = line;
                    from[end] = first;
                }
            }
        }
        List<List<BarSegment>> lines = new ArrayList<>();
        for (int end = count; end > 0; end = from[end]) {
            lines.add(segments.subList(from[end], end));
        }
        Collections.reverse(lines);
        return lines;
    }

    private static double cost(double natural, double width, boolean last) {
        if (natural > width) {
            double over = natural / width - 1;
            return over * over * SQUEEZED;
        }
        double under = width / natural - 1;
        // The last line need not be full.
        return last ? 0 : under * under;
    }
}
