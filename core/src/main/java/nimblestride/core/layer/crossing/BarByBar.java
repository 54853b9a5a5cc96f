package nimblestride.core.layer.crossing;

import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import nimblestride.core.foundation.exact.ExactMath;
import nimblestride.core.foundation.exact.ExactOverflowException;
import nimblestride.core.layer.timeline.LayerTimeline;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.Grid;
import nimblestride.core.time.value.NoteValue;

/**
 * What a layer does in one bar.
 *
 * @param hits in the bar
 * @param onTheBeat hits that fall on the bar's {@link Beat}
 */
public record BarByBar(long hits, long onTheBeat) {
    /** How a layer sits in a bar. */
    public enum Sits {
        ON("on the beat"),
        OFF("off the beat"),
        BOTH("on and off the beat"),
        SILENT("silent");

        private final String title;

        Sits(String title) {
            this.title = title;
        }

        /** Returns its name for people. */
        public String title() {
            return title;
        }
    }

    /** Returns how the layer sits in the bar. */
    public Sits sits() {
        return hits == 0 ? Sits.SILENT : onTheBeat == hits ? Sits.ON : onTheBeat == 0 ? Sits.OFF : Sits.BOTH;
    }

    /**
     * Returns each of the first bars, counted on through the rounds of the phrase.
     *
     * @param bars how many
     * @param most hits to look at; bars after them are left out
     * @throws ExactOverflowException if its times and the beats have no common unit that can be counted
     */
    public static List<BarByBar> of(LayerTimeline timeline, Phrase phrase, long bars, int most) {
        List<NoteValue> beats = phrase.kinds().stream().map(Beat::of).distinct().toList();
        Grid grid = timeline.grid().and(phrase.grid()).and(Grid.of(beats));
        return new Walk(timeline.on(grid), phrase).through(bars, most);
    }

    /** Walks from hit to hit, in whole units of a grid. */
    private static final class Walk {
        private final LayerTimeline timeline;
        private final Phrase phrase;
        private final long[] onsets;
        private long round;
        private int next;

        Walk(LayerTimeline timeline, Phrase phrase) {
            this.timeline = timeline;
            this.phrase = phrase;
            this.onsets = timeline.onsets().toArray();
        }

        List<BarByBar> through(long bars, int most) {
            List<BarByBar> through = new ArrayList<>();
            IdentityHashMap<Bar, InUnits> known = new IdentityHashMap<>();
            long start = 0;
            long looked = 0;
            for (long number = 0; number < bars; number++) {
                InUnits bar = known.computeIfAbsent(phrase.bar(number), this::inUnits);
                long end = ExactMath.add(start, bar.length);
                long beat = bar.beat;
                long hits = 0;
                long on = 0;
                for (; onsets.length > 0 && at() < end; step()) {
                    hits++;
                    on += (at() - start) % beat == 0 ? 1 : 0;
                    if (looked + hits > most) {
                        return through;
                    }
                }
                looked += hits;
                through.add(new BarByBar(hits, on));
                start = end;
            }
            return through;
        }

        private record InUnits(long length, long beat) {}

        private InUnits inUnits(Bar bar) {
            Grid grid = timeline.grid();
            return new InUnits(grid.count(bar.length()), grid.count(Beat.of(bar)));
        }

        private long at() {
            return ExactMath.add(
                    ExactMath.add(timeline.start(), ExactMath.multiply(round, timeline.period())), onsets[next]);
        }

        private void step() {
            next++;
            if (next == onsets.length) {
                next = 0;
                round++;
            }
        }
    }
}
