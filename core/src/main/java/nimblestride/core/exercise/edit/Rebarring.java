package nimblestride.core.exercise.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.exact.ExactMath;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.pattern.Pattern;
import nimblestride.core.layer.pattern.Placement;
import nimblestride.core.layer.pattern.Reset;
import nimblestride.core.layer.pattern.Span;
import nimblestride.core.layer.timeline.LayerTimeline;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;

/**
 * Moves layers to other bars of the same length. Notes on counts keep their time. What is spread over bars, or resets
 * with them, becomes lengths and the new bars that start where the old ones did, so that it sounds as before. What
 * can't be expressed so, and is the same in every round, is placed note by note; the rest follows the new bars.
 */
final class Rebarring {
    private final Phrase old;
    private final Phrase now;
    /** For each old bar, the new bar that starts where it did; empty if none does. */
    private final List<Optional<Integer>> begun;

    private Rebarring(Phrase old, Phrase now) {
        this.old = old;
        this.now = now;
        this.begun = IntStream.range(0, old.bars().size())
                .mapToObj(bar -> newBarAt(old.startOf(bar)))
                .toList();
    }

    static Exercise of(Exercise exercise, Phrase phrase) {
        Rebarring bars = new Rebarring(exercise.phrase(), phrase);
        if (bars.beginAsBefore()) {
            return exercise.withPhrase(phrase);
        }
        return exercise.withPhrase(phrase)
                .withLayers(exercise.layers().stream().map(bars::carried).toList());
    }

    private boolean beginAsBefore() {
        return now.bars().size() == old.bars().size() && begun.stream().allMatch(Optional::isPresent);
    }

    private Optional<Integer> newBarAt(NoteValue moment) {
        int bar = ExactMath.toInt(now.barAt(moment));
        return now.startOf(bar).equals(moment) ? Optional.of(bar) : Optional.empty();
    }

    private Layer carried(Layer layer) {
        Optional<Pattern> pattern = carried(layer.pattern());
        Optional<Reset> reset = carried(layer.reset());
        Layer following = layer.withPattern(pattern.orElse(layer.pattern())).withReset(reset.orElse(layer.reset()));
        return pattern.isPresent() && reset.isPresent()
                ? following
                : noteByNote(layer).orElse(following);
    }

    /** Returns empty for notes over bars of different lengths. */
    private Optional<Pattern> carried(Pattern pattern) {
        if (pattern instanceof Pattern.Placed placed) {
            return carried(placed);
        }
        if (pattern instanceof Pattern.Over over && over.span() instanceof Span.Bars bars) {
            List<NoteValue> lengths =
                    old.kinds().stream().map(Bar::length).distinct().toList();
            return lengths.size() == 1
                    ? Optional.of(new Pattern.Over(
                            over.notes(), new Span.Length(lengths.get(0).times(bars.count()))))
                    : Optional.empty();
        }
        return Optional.of(pattern);
    }

    /** Returns empty for a part of its own bars that ends where no new bar does. */
    private Optional<Pattern> carried(Pattern.Placed placed) {
        Phrase bars = placed.bars(old);
        long ownBars = placed.isOnPhrase() ? 0 : now.barAt(bars.length());
        boolean fits = placed.isOnPhrase() || now.startOf(ownBars).equals(bars.length());
        return fits && ownBars <= Phrase.MAX_BARS
                ? Optional.of(new Pattern.Placed(
                        placed.placements().stream()
                                .map(one -> one.isOn(bars)
                                        ? placement(bars.startOf(one.bar()).plus(one.position()), one.stroke())
                                        : one)
                                .toList(),
                        ExactMath.toInt(ownBars)))
                : Optional.empty();
    }

    /** Returns empty if it resets with a bar where no new bar starts. */
    private Optional<Reset> carried(Reset reset) {
        Stream<Optional<Integer>> beginnings;
        if (reset == Reset.BAR) {
            beginnings = begun.stream();
        } else if (reset instanceof Reset.AtBars chosen) {
            beginnings = chosen.bars().stream()
                    .filter(bar -> bar < old.bars().size())
                    .map(begun::get);
        } else {
            return Optional.of(reset);
        }
        List<Optional<Integer>> all = beginnings.toList();
        if (all.size() > Reset.AtBars.MAX_BARS || !all.stream().allMatch(Optional::isPresent)) {
            return Optional.empty();
        }
        List<Integer> bars =
                new ArrayList<>(all.stream().map(Optional::orElseThrow).toList());
        bars.remove(Integer.valueOf(0));
        return Optional.of(bars.isEmpty() ? Reset.PHRASE : new Reset.AtBars(bars));
    }

    /** Places what a layer plays in a round on the new bars; returns empty if that would change what is heard. */
    private Optional<Layer> noteByNote(Layer layer) {
        List<Sounding> round = round(layer, old);
        if (round.isEmpty() || round.size() > Pattern.Placed.MAX_PLACED) {
            return Optional.empty();
        }
        Layer placed = new Layer(
                layer.voice(),
                new Pattern.Placed(round.stream()
                        .map(sounding -> placement(sounding.at, sounding.stroke))
                        .toList()),
                NoteValue.ZERO,
                Reset.NEVER,
                1,
                layer.orchestration());
        return round(placed, now).equals(round) ? Optional.of(placed) : Optional.empty();
    }

    private Placement placement(NoteValue at, Stroke stroke) {
        int bar = ExactMath.toInt(now.barAt(at));
        return new Placement(bar, at.minus(now.startOf(bar)), stroke);
    }

    private record Sounding(NoteValue at, Stroke stroke, List<Voice> voices) {}

    /** Returns what a layer plays in a round; nothing if its rounds differ, or have more notes than can be placed. */
    private static List<Sounding> round(Layer layer, Phrase phrase) {
        LayerTimeline timeline;
        try {
            timeline = LayerTimeline.of(layer, phrase);
        } catch (StrideException e) {
            return List.of();
        }
        if (timeline.start() > 0
                || !phrase.length().isMultipleOf(timeline.grid().value(timeline.period()))) {
            return List.of();
        }
        return timeline.between(NoteValue.ZERO, phrase.length(), Pattern.Placed.MAX_PLACED + 1).stream()
                .map(hit -> new Sounding(hit.at(), hit.stroke(), hit.voices()))
                .toList();
    }
}
