package nimblestride.core.layer.alignment;

import java.util.Arrays;
import java.util.List;
import nimblestride.core.foundation.exact.ExactMath;

/** Lists the bar lines that layers land on, and how many land on each. */
public final class Landings {
    /** The bar of every landing of every layer, in order. */
    private final long[] bars;

    private Landings(long[] bars) {
        this.bars = bars;
    }

    /**
     * Returns the landings of several layers over one phrase, from its first start.
     *
     * @param end bar, from 0, at whose line to stop
     * @param most landings to look at, for each layer
     */
    public static Landings before(long end, List<Alignment> alignments, int most) {
        long[] bars = new long[ExactMath.multiply(most, alignments.size())];
        int count = 0;
        for (Alignment alignment : alignments) {
            count = fill(bars, count, count + most, alignment, end);
        }
        long[] found = Arrays.copyOf(bars, count);
        Arrays.sort(found);
        return new Landings(found);
    }

    /**
     * Writes the landings of one layer, in order, and returns the next free index. A loop, because each keystroke asks
     * for thousands.
     */
    private static int fill(long[] bars, int first, int last, Alignment alignment, long end) {
        List<Long> landings = alignment.landings();
        long round = alignment.returnsAfter().bars();
        int count = first;
        for (long from = 0; !landings.isEmpty() && from < end; from = ExactMath.add(from, round)) {
            for (long landing : landings) {
                if (count == last || from + landing >= end) {
                    return count;
                }
                bars[count++] = from + landing;
            }
        }
        return count;
    }

    /** Visits bar lines. */
    public interface Visitor {
        /**
         * Visits a bar line.
         *
         * @param bar number from 0, counted on through the rounds
         * @param layers how many land there, one or more
         */
        void visit(long bar, int layers);
    }

    /** Visits the bar lines in order, each once. */
    public void forEach(Visitor visitor) {
        int next;
        for (int i = 0; i < bars.length; i = next) {
            next = i + 1;
            while (next < bars.length && bars[next] == bars[i]) {
                next++;
            }
            visitor.visit(bars[i], next - i);
        }
    }
}
