package nimblestride.core.align;

import java.util.Arrays;
import java.util.List;

/** On which bar lines layers land on their way, and how many on each. */
public final class Landings {
    private final long[] bars;
    private final int[] layers;

    private Landings(long[] bars, int[] layers) {
        this.bars = bars;
        this.layers = layers;
    }

    /**
     * Of several layers over one phrase, counted from the first beginning of the phrase on.
     *
     * @param end the bar, from 0, at whose line it is over
     * @param most so many landings of each layer are looked at
     */
    public static Landings before(long end, List<Alignment> alignments, int most) {
        long[] each = new long[0];
        for (Alignment alignment : alignments) {
            long[] more = of(alignment, end, most);
            each = Arrays.copyOf(each, each.length + more.length);
            System.arraycopy(more, 0, each, each.length - more.length, more.length);
        }
        long[] bars = Ascending.once(each);
        Arrays.sort(each);
        int[] layers = new int[bars.length];
        int bar = 0;
        for (long landing : each) {
            bar += landing == bars[bar] ? 0 : 1;
            layers[bar]++;
        }
        return new Landings(bars, layers);
    }

    /** Of one layer, in order: a loop, as there are thousands with each keystroke. */
    private static long[] of(Alignment alignment, long end, int most) {
        List<Long> landings = alignment.landings();
        long round = alignment.returnsAfter().bars();
        long[] found = new long[most];
        int count = 0;
        for (long from = 0; !landings.isEmpty() && from < end; from = Math.addExact(from, round)) {
            for (long landing : landings) {
                if (count == most || from + landing >= end) {
                    return Arrays.copyOf(found, count);
                }
                found[count++] = from + landing;
            }
        }
        return Arrays.copyOf(found, count);
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
        for (int i = 0; i < bars.length; i++) {
            visitor.visit(bars[i], layers[i]);
        }
    }
}
