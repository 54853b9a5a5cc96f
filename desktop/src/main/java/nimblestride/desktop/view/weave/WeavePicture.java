package nimblestride.desktop.view.weave;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nimblestride.core.exercise.analysis.Analysis;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.layer.pattern.Hit;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.pattern.Pattern;
import nimblestride.core.layer.timeline.LayerTimeline;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;

/**
 * What the Weave shows on some rows, one bar per row, lengths in whole notes. Derived from the exercise, without a
 * window.
 *
 * @param strands from the rows to those below them
 */
record WeavePicture(List<Row> rows, List<Strand> strands) {
    /** A layer with more hits in a bar is drawn as a band. */
    static final int MAX_MARKS = 160;

    /** A layer with more places in a bar gets no threads. */
    private static final int MAX_THREADS = 48;

    /**
     * A bar.
     *
     * @param bar its number from 0, counted on through the rounds of the phrase
     * @param signature whether the meter is another than in the bar before
     * @param phraseStart whether the phrase begins here
     * @param home whether all layers are back where they began here
     * @param groups where its groups begin
     * @param dense layers that have too many hits to be told apart
     */
    record Row(
            long bar,
            Bar written,
            NoteValue start,
            boolean signature,
            boolean phraseStart,
            boolean home,
            List<Double> groups,
            List<Mark> marks,
            List<Integer> dense) {
        double length() {
            return written.length().toDouble();
        }

        List<Integer> landing() {
            return marks.stream().filter(Mark::lands).map(Mark::layer).toList();
        }
    }

    /**
     * A hit.
     *
     * @param at from the start of its bar
     * @param lands whether a cycle of its layer begins with it on the bar line
     * @param together whether another layer sounds at the same moment
     */
    record Mark(int layer, NoteValue at, Stroke stroke, boolean lands, boolean together) {
        double x() {
            return at.toDouble();
        }
    }

    /**
     * A thread from a place in one bar to the nearest place of the same layer in the next.
     *
     * @param row it starts from, from 0 among those in view
     * @param from in whole notes from the bar line
     * @param to in whole notes from the next bar line
     */
    record Strand(int layer, int row, double from, double to) {}

    /**
     * Returns the picture of some bars.
     *
     * @param first number of the first bar, from 0
     */
    static WeavePicture of(Analysis analysis, long first, int count) {
        return new Weaving(analysis, first, count).weave();
    }

    private static final class Weaving {
        private final Analysis analysis;
        private final Phrase phrase;
        private final long first;
        private final int count;
        private final long homeEvery;

        Weaving(Analysis analysis, long first, int count) {
            this.analysis = analysis;
            this.phrase = analysis.exercise().phrase();
            this.first = first;
            this.count = count;
            this.homeEvery =
                    analysis.together().result().map(Analysis.Together::bars).orElse(Long.MAX_VALUE);
        }

        WeavePicture weave() {
            List<Row> rows = new ArrayList<>();
            List<Map<Integer, List<NoteValue>>> places = new ArrayList<>();
            for (int i = 0; i <= count; i++) {
                long bar = first + i;
                NoteValue start = phrase.startOf(bar);
                NoteValue end = start.plus(phrase.bar(bar).length());
                places.add(new HashMap<>());
                if (i < count) {
                    rows.add(row(bar, start, end));
                }
                for (int layer = 0; layer < analysis.layers().size(); layer++) {
                    places.get(i).put(layer, places(layer, start, end));
                }
            }
            List<Strand> strands = new ArrayList<>();
            for (int row = 0; row < count; row++) {
                for (int layer = 0; layer < analysis.layers().size(); layer++) {
                    tie(
                            layer,
                            row,
                            places.get(row).get(layer),
                            places.get(row + 1).get(layer),
                            strands);
                }
            }
            return new WeavePicture(rows, strands);
        }

        private Optional<LayerTimeline> timeline(int layer) {
            return analysis.layers().get(layer).timeline();
        }

        private Row row(long bar, NoteValue start, NoteValue end) {
            Bar written = phrase.bar(bar);
            List<Mark> marks = new ArrayList<>();
            List<Integer> dense = new ArrayList<>();
            Map<NoteValue, Integer> struck = new HashMap<>();
            List<List<Hit>> hits = new ArrayList<>();
            for (int layer = 0; layer < analysis.layers().size(); layer++) {
                List<Hit> own = timeline(layer)
                        .map(timeline -> timeline.between(start, end, MAX_MARKS + 1))
                        .orElse(List.of());
                if (own.size() > MAX_MARKS) {
                    dense.add(layer);
                    own = List.of();
                }
                own.forEach(hit -> struck.merge(hit.at(), 1, Integer::sum));
                hits.add(own);
            }
            for (int layer = 0; layer < hits.size(); layer++) {
                for (Hit hit : hits.get(layer)) {
                    NoteValue at = hit.at().minus(start);
                    boolean lands = at.isZero() && hit.startsCycle();
                    marks.add(new Mark(layer, at, hit.stroke(), lands, struck.get(hit.at()) > 1));
                }
            }
            int inPhrase = (int) (bar % phrase.bars().size());
            boolean signature = bar == 0 || !phrase.bar(bar - 1).meter().equals(written.meter());
            return new Row(
                    bar,
                    written,
                    start,
                    signature,
                    inPhrase == 0,
                    bar > 0 && bar % homeEvery == 0,
                    written.groupStarts().stream().map(NoteValue::toDouble).toList(),
                    marks,
                    dense);
        }

        /**
         * Returns the places in a bar through which a layer's threads pass: where its cycles begin, or each of its
         * even notes.
         */
        private List<NoteValue> places(int index, NoteValue start, NoteValue end) {
            Layer layer = analysis.layers().get(index).layer();
            if (layer.pattern().isOnPhrase()) {
                return List.of();
            }
            List<NoteValue> places = timeline(index)
                    .map(timeline -> layer.pattern() instanceof Pattern.Over
                            ? timeline.between(start, end, MAX_THREADS + 1).stream()
                                    .map(Hit::at)
                                    .toList()
                            : timeline.cycleStartsBetween(start, end, MAX_THREADS + 1))
                    .orElse(List.of());
            return places.size() > MAX_THREADS
                    ? List.of()
                    : places.stream().map(place -> place.minus(start)).toList();
        }

        /** Connects each place to the nearest one below that is less than half a cycle away. */
        private void tie(int layer, int row, List<NoteValue> here, List<NoteValue> below, List<Strand> strands) {
            if (below.isEmpty() || timeline(layer).isEmpty()) {
                return;
            }
            double apart = reach(layer);
            for (NoteValue from : here) {
                double x = from.toDouble();
                double nearest = below.stream()
                        .mapToDouble(NoteValue::toDouble)
                        .boxed()
                        .min(Comparator.comparingDouble(to -> Math.abs(to - x)))
                        .orElseThrow();
                if (Math.abs(nearest - x) <= apart) {
                    strands.add(new Strand(layer, row, x, nearest));
                }
            }
        }

        /** Returns half the distance from one place of a layer to its next. */
        private double reach(int index) {
            Pattern pattern = analysis.layers().get(index).layer().pattern();
            double cycle = timeline(index).orElseThrow().cycle().toDouble();
            return (pattern instanceof Pattern.Over ? cycle / pattern.parts() : cycle) / 2 + 1e-9;
        }
    }
}
