package nimblestride.core.layer.timeline;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import nimblestride.core.foundation.exact.ExactMath;
import nimblestride.core.foundation.exact.ExactOverflowException;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.kit.orchestration.OrchestrationRule;
import nimblestride.core.kit.stroke.Ornament;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.pattern.Pattern;
import nimblestride.core.layer.pattern.Placement;
import nimblestride.core.layer.pattern.Reset;
import nimblestride.core.layer.pattern.Span;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.Grid;
import nimblestride.core.time.value.NoteValue;
import org.apache.commons.numbers.core.ArithmeticUtils;

/** Lays one layer over one phrase, cycle after cycle, until what it does repeats. */
final class LayerTimelineBuilder {
    static final int MAX_HITS = 2_000_000;

    private final Layer layer;
    private final Phrase phrase;
    private final Grid grid;
    private final long offset;
    /** Units of this grid in one unit of the phrase's grid. */
    private final long phraseUnit;
    /** The length of every cycle; zero where it depends on the bars beneath it. */
    private final long fixedCycle;
    /** The bars under every cycle; zero where a cycle is not measured in bars. */
    private final int barsPerCycle;

    private final LongStream.Builder onsets = LongStream.builder();
    private final List<Optional<LayerTimeline.Played>> parts;
    private final List<LayerTimeline.Played> played = new ArrayList<>();
    private final LongStream.Builder cycleStarts = LongStream.builder();
    private long cycles;
    private long shortest = Long.MAX_VALUE;
    private long longest;
    private long remainder;

    LayerTimelineBuilder(Layer layer, Phrase phrase) {
        this.layer = layer;
        this.phrase = phrase;
        Span span = layer.pattern().span();
        NoteValue divided = span instanceof Span.Length length
                ? length.value()
                : phrase.grid().unit();
        this.parts = parts(layer);
        this.grid = grid(divided);
        this.offset = grid.count(layer.offset());
        this.phraseUnit = grid.count(phrase.grid().unit());
        this.fixedCycle = fixedCycle(span);
        this.barsPerCycle = span instanceof Span.Bars bars && fixedCycle == 0 ? bars.count() : 0;
    }

    private long fixedCycle(Span span) {
        if (layer.pattern() instanceof Pattern.Placed placed) {
            return barStart(placed.bars(phrase).bars().size());
        }
        return span instanceof Span.Length length
                ? grid.count(length.value())
                : span instanceof Span.WholePhrase ? barStart(phrase.bars().size()) : 0;
    }

    private static List<Optional<LayerTimeline.Played>> parts(Layer layer) {
        List<Optional<Stroke>> strokes = layer.pattern().strokes();
        List<List<Voice>> voices = OrchestrationRule.voices(strokes, layer.voice(), layer.orchestration());
        return IntStream.range(0, strokes.size())
                .mapToObj(part -> strokes.get(part).map(stroke -> new LayerTimeline.Played(stroke, voices.get(part))))
                .toList();
    }

    /** Returns the grid that holds bar lines, the offset, and every note. */
    private Grid grid(NoteValue divided) {
        List<NoteValue> lengths = new ArrayList<>(List.of(phrase.grid().unit(), layer.offset()));
        boolean halves = hasDoubled();
        if (layer.pattern() instanceof Pattern.Placed placed) {
            placed.placements().stream().map(Placement::position).distinct().forEach(lengths::add);
            if (halves) {
                lengths.add(placed.betweenDoubled(phrase));
            }
        } else {
            lengths.add(divided.dividedBy(halves ? 2L * parts.size() : parts.size()));
        }
        return Grid.of(lengths);
    }

    private boolean hasDoubled() {
        return parts.stream().flatMap(Optional::stream).anyMatch(LayerTimelineBuilder::isDoubled);
    }

    private static boolean isDoubled(LayerTimeline.Played played) {
        return played.stroke().ornament() == Ornament.DOUBLED;
    }

    LayerTimeline build() {
        try {
            return DownbeatThinning.of(laid(), phrase, layer.downbeatEvery());
        } catch (ExactOverflowException e) {
            throw new ExactOverflowException("the " + layer.voice() + " is too long to count exactly over this phrase:"
                    + " it needs more than 9,223,372,036,854,775,807 units of " + grid.unit());
        }
    }

    private LayerTimeline laid() {
        if (layer.reset() instanceof Reset.AtBars chosen) {
            return beginningAgainAt(chosen.bars());
        }
        return switch ((Reset.Usual) layer.reset()) {
            case NEVER -> runningOn();
            case PHRASE -> beginningAgainAt(List.of());
            case BAR ->
                beginningAgainAt(
                        IntStream.range(0, phrase.bars().size()).boxed().toList());
        };
    }

    private LayerTimeline runningOn() {
        long period = cycleLength(0, 0);
        if (!sameCycle()) {
            int bars = phrase.bars().size();
            period = ExactMath.multiply(barStart(bars), (long) barsPerCycle / ArithmeticUtils.gcd(barsPerCycle, bars));
        }
        lay(0, 0, period);
        return timeline(offset, period);
    }

    /** Starts over with the phrase and with some of its bars. */
    private LayerTimeline beginningAgainAt(List<Integer> chosen) {
        int bars = phrase.bars().size();
        int begun = 0;
        for (int bar : chosen) {
            if (bar > begun && bar < bars) {
                lay(begun, ExactMath.add(barStart(begun), offset), barStart(bar));
                begun = bar;
            }
        }
        lay(begun, ExactMath.add(barStart(begun), offset), barStart(bars));
        return timeline(0, barStart(bars));
    }

    /** Adds cycles from one moment until another, where the last one is cut off. */
    private void lay(int firstBar, long from, long until) {
        long start = from;
        for (long cycle = 0; start < until; cycle++) {
            long length = cycleLength(firstBar, cycle);
            requireRoom(++cycles);
            shortest = Math.min(shortest, length);
            longest = Math.max(longest, length);
            cycleStarts.add(start);
            layHits(start, length, until);
            long next = ExactMath.add(start, length);
            if (next > until && remainder == 0) {
                remainder = until - start;
            }
            start = next;
        }
    }

    private void layHits(long start, long length, long until) {
        if (layer.pattern() instanceof Pattern.Placed placed) {
            layPlaced(placed, start, until);
            return;
        }
        long step = length / parts.size();
        for (int part = 0; part < parts.size(); part++) {
            long at = start + step * part;
            if (at >= until) {
                return;
            }
            // Without a lambda: it would be a new object for each hit.
            Optional<LayerTimeline.Played> here = parts.get(part);
            if (here.isPresent()) {
                hits(at, step / 2, here.get(), until);
            }
        }
    }

    /** Adds the hits of a stroke; a double adds two. */
    private void hits(long at, long half, LayerTimeline.Played what, long until) {
        hit(at, what);
        if (isDoubled(what) && at + half < until) {
            hit(at + half, what);
        }
    }

    private void layPlaced(Pattern.Placed placed, long start, long until) {
        long half = hasDoubled() ? grid.count(placed.betweenDoubled(phrase)) : 0;
        Phrase bars = placed.bars(phrase);
        for (int i = 0; i < parts.size(); i++) {
            Placement placement = placed.placements().get(i);
            if (!placement.isOn(bars)) {
                continue;
            }
            long at = start + barStart(placement.bar()) + grid.count(placement.position());
            if (at < until) {
                hits(at, half, parts.get(i).orElseThrow(), until);
            }
        }
    }

    private void hit(long at, LayerTimeline.Played what) {
        requireRoom(played.size() + 1L);
        onsets.add(at);
        played.add(what);
    }

    private void requireRoom(long count) {
        if (count > MAX_HITS) {
            throw new InvalidValueException(String.format(
                    Locale.ROOT,
                    "the %s has more than %,d hits before it repeats; try a longer value or a shorter phrase",
                    layer.voice(),
                    MAX_HITS));
        }
    }

    /** Returns the length of a cycle, counted from the bar in which the layer last started. */
    private long cycleLength(int firstBar, long cycle) {
        if (barsPerCycle == 0) {
            return fixedCycle;
        }
        long first = ExactMath.add(firstBar, ExactMath.multiply(cycle, barsPerCycle));
        return barStart(ExactMath.add(first, barsPerCycle)) - barStart(first);
    }

    /** Returns where a bar starts, including bars of later rounds. */
    private long barStart(long bar) {
        int bars = phrase.bars().size();
        long round = ExactMath.multiply(bar / bars, phrase.startOnGrid(bars));
        return ExactMath.multiply(ExactMath.add(round, phrase.startOnGrid((int) (bar % bars))), phraseUnit);
    }

    private LayerTimeline timeline(long begin, long period) {
        return new LayerTimeline(
                grid,
                begin,
                period,
                onsets.build().toArray(),
                played,
                cycleStarts.build().toArray(),
                evenCycles(),
                grid.value(evenCycles() ? cycleLength(0, 0) : period),
                grid.value(remainder));
    }

    /** Cycles over several bars can be equally long although the bars are not: over two of 7/8, 5/8, 7/8, 5/8. */
    private boolean evenCycles() {
        return sameCycle() || shortest == longest;
    }

    private boolean sameCycle() {
        return barsPerCycle == 0 || phrase.isEven();
    }
}
