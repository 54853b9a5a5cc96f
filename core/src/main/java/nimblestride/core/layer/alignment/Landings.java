package nimblestride.core.layer.alignment;

import java.util.List;

/** The bar lines that layers land on, and how many land on each. */
public final class Landings {
    private static final long NONE = Long.MAX_VALUE;

    private final long end;
    private final List<Alignment> alignments;
    private final int most;

    private Landings(long end, List<Alignment> alignments, int most) {
        this.end = end;
        this.alignments = List.copyOf(alignments);
        this.most = most;
    }

    /**
     * Returns the landings of several layers over one phrase, from its first start.
     *
     * @param end bar, from 0, at whose line to stop
     * @param most landings to look at, for each layer
     */
    public static Landings before(long end, List<Alignment> alignments, int most) {
        return new Landings(end, alignments, most);
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

    /** Visits the bar lines in order, each once: all layers are walked along at once, and nothing is listed. */
    public void forEach(Visitor visitor) {
        Walk[] walks = alignments.stream().map(Walk::new).toArray(Walk[]::new);
        for (long bar = first(walks); bar != NONE; bar = first(walks)) {
            int layers = 0;
            for (Walk walk : walks) {
                if (walk.bar == bar) {
                    layers++;
                    walk.step();
                }
            }
            visitor.visit(bar, layers);
        }
    }

    private static long first(Walk[] walks) {
        long first = NONE;
        for (Walk walk : walks) {
            first = Math.min(first, walk.bar);
        }
        return first;
    }

    /** Walks from landing to landing of one layer, round after round. */
    private final class Walk {
        private final long[] landings;
        private final long round;
        private long from;
        private int next;
        private int left = most;
        /** Where it stands; {@link #NONE} when it is over. */
        private long bar;

        Walk(Alignment alignment) {
            this.landings =
                    alignment.landings().stream().mapToLong(Long::longValue).toArray();
            this.round = alignment.returnsAfter().bars();
            this.bar = bar();
        }

        private long bar() {
            // The end less the start cannot overflow; the start and a landing can.
            boolean over = landings.length == 0 || left == 0 || landings[next] >= end - from;
            return over ? NONE : from + landings[next];
        }

        void step() {
            left--;
            next++;
            if (next == landings.length) {
                next = 0;
                from = round >= end - from ? end : from + round;
            }
            bar = bar();
        }
    }
}
