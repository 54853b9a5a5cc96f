package nimblestride.core.layer.alignment;

import java.util.Arrays;
import java.util.List;
import nimblestride.core.foundation.exact.ExactMath;

/** On which bar lines layers land on their way, and how many on each. */
public final class Landings {
    /** The bar of every landing of every layer, in order. */
    private final long[] bars;

    private Landings(long[] bars) {
        this.bars = bars;
    }

    /**
     * Of several layers over one phrase, counted from the first beginning of the phrase on.
     *
     * @param end the bar, from 0, at whose line it is over
     * @param most so many landings of each layer are looked at
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

    /** Writes those of one layer, in order, and tells up to where: a loop, as there are thousands with each keystroke. */
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

    /** What is told of a bar line. */
    public interface Visitor {
        /**
         * @param bar its number, from 0, rounds counted on
         * @param layers how many land there, one or more
         */
        void visit(long bar, int layers);
    }

    /** Tells the bar lines in order, each once. */
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
