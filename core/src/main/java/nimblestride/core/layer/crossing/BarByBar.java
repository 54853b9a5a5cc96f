package nimblestride.core.layer.crossing;

import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import java.util.function.LongPredicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import nimblestride.core.foundation.exact.ExactMath;
import nimblestride.core.foundation.exact.ExactOverflowException;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.timeline.LayerTimeline;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Beats;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.Grid;
import nimblestride.core.time.value.NoteValue;

/**
 * What a layer does in one bar.
 *
 * @param hits in the bar
 * @param onTheBeat hits that fall on one of the bar's {@link Beats}, or on the pulse asked about
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
     * Returns how a layer sits in each of the first bars, counted on through the rounds of the phrase: against its pulse
     * where it is a {@link CrossBarPulse pulse across the bars}, else against the beats.
     *
     * @param bars how many
     * @param most hits to look at; bars after them are left out
     * @throws ExactOverflowException if its times and the beats have no common unit that can be counted
     */
    public static List<BarByBar> of(Layer layer, LayerTimeline timeline, Phrase phrase, long bars, int most) {
        return CrossBarPulse.of(layer, phrase)
                .map(pulse -> onPulse(pulse, timeline, phrase, bars, most))
                .orElseGet(() -> onBeats(timeline, phrase, bars, most));
    }

    /** Returns how a layer sits against the beats of the first bars; see {@link #of}. */
    static List<BarByBar> onBeats(LayerTimeline timeline, Phrase phrase, long bars, int most) {
        List<NoteValue> lengths = phrase.kinds().stream()
                .map(Bar::beats)
                .flatMap(beats -> IntStream.range(0, beats.count()).mapToObj(beats::length))
                .distinct()
                .toList();
        Grid grid = timeline.grid().and(phrase.grid()).and(Grid.of(lengths));
        return new Walk(timeline.on(grid), phrase, bar -> {
                    Set<Long> starts =
                            bar.beats().starts().stream().map(grid::count).collect(Collectors.toSet());
                    return starts::contains;
                })
                .through(bars, most);
    }

    /** Returns how a layer sits against a steady value counted from each bar's 1; see {@link #of}. */
    static List<BarByBar> onPulse(NoteValue pulse, LayerTimeline timeline, Phrase phrase, long bars, int most) {
        Grid grid = timeline.grid().and(phrase.grid()).and(Grid.of(List.of(pulse)));
        long step = grid.count(pulse);
        return new Walk(timeline.on(grid), phrase, bar -> at -> at % step == 0).through(bars, most);
    }

    /** Walks from hit to hit, in whole units of a grid. */
    private static final class Walk {
        private final LayerTimeline timeline;
        private final Phrase phrase;
        private final Function<Bar, LongPredicate> beats;
        private final long[] onsets;
        private long round;
        private int next;

        /** @param beats tests, for each bar, whether a time from its start falls on a beat */
        Walk(LayerTimeline timeline, Phrase phrase, Function<Bar, LongPredicate> beats) {
            this.timeline = timeline;
            this.phrase = phrase;
            this.beats = beats;
            this.onsets = timeline.onsets().toArray();
        }

        List<BarByBar> through(long bars, int most) {
            List<BarByBar> through = new ArrayList<>();
            IdentityHashMap<Bar, InUnits> known = new IdentityHashMap<>();
            Function<Bar, InUnits> inUnits = this::inUnits;
            long start = 0;
            long looked = 0;
            for (long number = 0; number < bars; number++) {
                InUnits bar = known.computeIfAbsent(phrase.bar(number), inUnits);
                long end = ExactMath.add(start, bar.length);
                long hits = 0;
                long on = 0;
                for (; onsets.length > 0 && at() < end; step()) {
                    hits++;
                    on += bar.beats.test(at() - start) ? 1 : 0;
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

        private record InUnits(long length, LongPredicate beats) {}

        private InUnits inUnits(Bar bar) {
            return new InUnits(timeline.grid().count(bar.length()), beats.apply(bar));
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
