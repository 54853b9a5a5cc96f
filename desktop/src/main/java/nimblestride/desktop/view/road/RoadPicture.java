package nimblestride.desktop.view.road;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import nimblestride.core.exercise.analysis.Analysis;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.layer.alignment.Alignment;
import nimblestride.core.layer.pattern.Hit;
import nimblestride.core.time.counting.CountingSystem;
import nimblestride.core.time.counting.SpokenSyllable;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Beats;
import nimblestride.core.time.meter.CountPosition;
import nimblestride.core.time.meter.Meter;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;

/**
 * What the Road shows in a range; moments in whole notes. Derived from the exercise, without a window.
 *
 * @param home where all layers realign, if it is in view
 */
record RoadPicture(
        List<Post> posts,
        List<Double> innerBarLines,
        List<Stride> strides,
        List<BeatMark> beats,
        List<Tick> ticks,
        List<Lane> lanes,
        OptionalDouble home) {
    /** The minimum distance between units that are drawn one by one, in pixels. */
    static final double CLOSEST_UNITS = 4;

    private static final int MAX_MARKS = 2_000;
    private static final int MAX_POSTS = 4_000;

    /**
     * A bar line.
     *
     * @param bar its number from 0, counted on through the rounds of the phrase
     * @param signature whether the meter changes here
     * @param phraseStart whether the phrase begins here
     */
    record Post(double at, long bar, Meter meter, boolean signature, boolean phraseStart) {}

    /**
     * A group, from its first unit to the next group's first.
     *
     * @param bar the number of its bar from 0, counted on through the rounds
     * @param group its place in the bar, from 0
     */
    record Stride(double from, double to, int units, long bar, int group) {
        double unit() {
            return (to - from) / units;
        }
    }

    /**
     * A beat, to be conducted.
     *
     * @param isLong whether it is longer than the shortest of its bar
     */
    record BeatMark(double at, boolean isLong) {}

    /**
     * A unit.
     *
     * @param count its syllable
     * @param gap to the next unit, in whole notes
     * @param bar the number of its bar from 0, counted on through the rounds
     * @param position from the start of that bar
     */
    record Tick(double at, String count, double gap, boolean groupStart, long bar, NoteValue position) {}

    /**
     * A layer.
     *
     * @param dense whether its hits lie too close together to draw one by one
     */
    record Lane(int layer, String name, List<Mark> marks, List<Double> landings, boolean dense, String problem) {}

    record Mark(double at, Stroke stroke) {}

    /**
     * Returns the picture of a range.
     *
     * @param stage how many layers are shown, from the first on
     */
    static RoadPicture of(Analysis analysis, VisibleRange stretch, CountCache counts, int stage) {
        return new Drawing(analysis, stretch, counts).draw(stage);
    }

    private static final class Drawing {
        private final Analysis analysis;
        private final Phrase phrase;
        private final VisibleRange stretch;
        private final CountCache counts;
        private final List<Post> posts = new ArrayList<>();
        private final List<Double> innerBarLines = new ArrayList<>();
        private final List<Stride> strides = new ArrayList<>();
        private final List<BeatMark> beats = new ArrayList<>();
        private final List<Tick> ticks = new ArrayList<>();
        private final Set<NoteValue> barLines = new HashSet<>();

        Drawing(Analysis analysis, VisibleRange stretch, CountCache counts) {
            this.analysis = analysis;
            this.phrase = analysis.exercise().phrase();
            this.stretch = stretch;
            this.counts = counts;
        }

        RoadPicture draw(int stage) {
            int bars = phrase.bars().size();
            long bar = phrase.barAt(stretch.from());
            NoteValue start = phrase.startOf(bar);
            Bar before = bar == 0 ? null : phrase.bar(bar - 1);
            while (start.toDouble() <= stretch.end() && posts.size() < MAX_POSTS) {
                Bar here = phrase.bar(bar);
                boolean signature = before == null || !before.meter().equals(here.meter()) || bar % bars == 0;
                posts.add(new Post(start.toDouble(), bar, here.meter(), signature, bar % bars == 0));
                barLines.add(start);
                for (NoteValue inner : here.innerBarStarts()) {
                    if (!inner.isZero()) {
                        innerBarLines.add(start.plus(inner).toDouble());
                    }
                }
                drawGroups(here, bar, start.toDouble());
                drawBeats(here, start.toDouble());
                before = here;
                bar++;
                start = start.plus(here.length());
            }
            List<Lane> lanes = new ArrayList<>();
            for (int i = 0; i < Math.min(stage, analysis.layers().size()); i++) {
                lanes.add(lane(i, analysis.layers().get(i)));
            }
            return new RoadPicture(posts, innerBarLines, strides, beats, ticks, lanes, home());
        }

        private void drawGroups(Bar bar, long number, double start) {
            double unit = bar.meter().unit().toDouble();
            int first = 0;
            int group = 0;
            for (int size : bar.grouping().sizes()) {
                double from = start + first * unit;
                double to = from + size * unit;
                if (isSeen(from, to)) {
                    strides.add(new Stride(from, to, size, number, group));
                }
                first += size;
                group++;
            }
            boolean inBeats = counts.counting().system().forBar(bar) == CountingSystem.BEATS;
            for (SpokenSyllable said : counts.of(bar)) {
                double at = start + said.at().toDouble();
                double gap = said.length().toDouble();
                boolean shown = said.startsGroup() || gap * stretch.scale() >= CLOSEST_UNITS;
                if (shown && at + gap >= stretch.start() && at <= stretch.end()) {
                    String count = inBeats && said.startsGroup() ? place(bar, said) : said.syllable();
                    ticks.add(new Tick(at, count, gap, said.startsGroup(), number, said.at()));
                }
            }
        }

        private void drawBeats(Bar bar, double start) {
            double unit = bar.meter().unit().toDouble();
            Beats all = bar.beats();
            double at = start;
            for (int beat = 0; beat < all.count(); beat++) {
                double to = at + all.sizes().get(beat) * unit;
                if (isSeen(at, to) && (to - at) * stretch.scale() >= CLOSEST_UNITS) {
                    beats.add(new BeatMark(at, all.isLong(beat)));
                }
                at = to;
            }
        }

        private boolean isSeen(double from, double to) {
            return to >= stretch.start() && from <= stretch.end() && (to - from) * stretch.scale() >= 1;
        }

        /** Returns the full place in the inner bar: where beats are counted, a group starts with it. */
        private static String place(Bar bar, SpokenSyllable said) {
            List<NoteValue> starts = bar.innerBarStarts();
            int inner = starts.size() - 1;
            while (starts.get(inner).compareTo(said.at()) > 0) {
                inner--;
            }
            Bar own = bar.innerBars().get(inner);
            return new CountPosition(own.meter(), said.at().minus(starts.get(inner))).toString();
        }

        private Lane lane(int index, Analysis.OfLayer layer) {
            Optional<Alignment> alignment = layer.alignment().result();
            if (alignment.isEmpty()) {
                return new Lane(
                        index,
                        layer.name(),
                        List.of(),
                        List.of(),
                        false,
                        layer.alignment().problem());
            }
            List<Hit> hits = alignment.get().timeline().between(stretch.from(), stretch.to(), MAX_MARKS + 1);
            boolean dense = hits.size() > Math.min(MAX_MARKS, stretch.width() / 3);
            List<Mark> marks = new ArrayList<>();
            if (!dense) {
                hits.forEach(hit -> marks.add(new Mark(hit.at().toDouble(), hit.stroke())));
            }
            boolean placed = layer.layer().pattern().isOnPhrase();
            List<Double> landings = placed ? List.of() : landings(alignment.get());
            return new Lane(index, layer.name(), marks, landings, dense, "");
        }

        private List<Double> landings(Alignment alignment) {
            List<Double> landings = new ArrayList<>();
            for (NoteValue start : alignment.timeline().cycleStartsBetween(stretch.from(), stretch.to(), MAX_MARKS)) {
                if (barLines.contains(start)) {
                    landings.add(start.toDouble());
                }
            }
            return landings;
        }

        private OptionalDouble home() {
            if (analysis.layers().stream()
                    .allMatch(layer -> layer.layer().pattern().isOnPhrase())) {
                return OptionalDouble.empty();
            }
            return analysis.together()
                    .result()
                    .map(together -> together.length().toDouble())
                    .filter(at -> at <= stretch.end() && at >= stretch.start())
                    .map(OptionalDouble::of)
                    .orElseGet(OptionalDouble::empty);
        }
    }
}
