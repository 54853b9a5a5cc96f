package nimblestride.core.align;

import java.util.Arrays;
import java.util.List;
import java.util.stream.LongStream;

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
        long[] each = alignments.stream()
                .flatMapToLong(alignment -> of(alignment, end).limit(most))
                .sorted()
                .toArray();
        long[] bars = Ascending.once(each);
        int[] layers = new int[bars.length];
        for (long bar : each) {
            layers[Arrays.binarySearch(bars, bar)]++;
        }
        return new Landings(bars, layers);
    }

    private static LongStream of(Alignment alignment, long end) {
        List<Long> landings = alignment.landings();
        long round = alignment.returnsAfter().bars();
        return landings.isEmpty()
                ? LongStream.empty()
                : LongStream.iterate(0, from -> from < end, from -> Math.addExact(from, round))
                        .flatMap(from -> landings.stream().mapToLong(landing -> from + landing))
                        .takeWhile(bar -> bar < end);
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
