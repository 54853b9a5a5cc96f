package nimblestride.core.exercise;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import nimblestride.core.layer.Layer;
import nimblestride.core.layer.Pattern;
import nimblestride.core.layer.Placement;
import nimblestride.core.layer.Reset;
import nimblestride.core.layer.Span;
import nimblestride.core.meter.Bar;
import nimblestride.core.meter.Phrase;
import nimblestride.core.value.NoteValue;

/**
 * Layers carried to other bars of the same length. What is placed on counts stays where it is heard; what is spread over bars, or
 * begins again with them, is told by lengths and by the new bars that begin where the old ones did, so that it sounds as before.
 * What cannot be told so follows the new bars.
 */
final class OnNewBars {
    private final Phrase old;
    private final Phrase now;
    /** Which of the new bars begins where each of the old ones did; empty where none does. */
    private final List<Optional<Integer>> begun;

    private OnNewBars(Phrase old, Phrase now) {
        this.old = old;
        this.now = now;
        this.begun = IntStream.range(0, old.bars().size())
                .mapToObj(bar -> newBarAt(old.startOf(bar)))
                .toList();
    }

    static Exercise of(Exercise exercise, Phrase phrase) {
        OnNewBars bars = new OnNewBars(exercise.phrase(), phrase);
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
        int bar = Math.toIntExact(now.barAt(moment));
        return now.startOf(bar).equals(moment) ? Optional.of(bar) : Optional.empty();
    }

    private Layer carried(Layer layer) {
        return layer.playing(carried(layer.pattern())).resetting(carried(layer.reset()));
    }

    private Pattern carried(Pattern pattern) {
        if (pattern instanceof Pattern.Placed placed) {
            return new Pattern.Placed(
                    placed.placements().stream().map(this::carried).toList());
        }
        List<NoteValue> lengths =
                old.kinds().stream().map(Bar::length).distinct().toList();
        return pattern instanceof Pattern.Over over && over.span() instanceof Span.Bars bars && lengths.size() == 1
                ? new Pattern.Over(over.notes(), new Span.Length(lengths.get(0).times(bars.count())))
                : pattern;
    }

    private Placement carried(Placement placement) {
        if (!placement.isOn(old)) {
            return placement;
        }
        NoteValue at = old.startOf(placement.bar()).plus(placement.position());
        int bar = Math.toIntExact(now.barAt(at));
        return new Placement(bar, at.minus(now.startOf(bar)), placement.stroke());
    }

    private Reset carried(Reset reset) {
        Stream<Optional<Integer>> beginnings;
        if (reset == Reset.BAR) {
            beginnings = begun.stream();
        } else if (reset instanceof Reset.AtBars chosen) {
            beginnings = chosen.bars().stream()
                    .filter(bar -> bar < old.bars().size())
                    .map(begun::get);
        } else {
            return reset;
        }
        List<Optional<Integer>> all = beginnings.toList();
        if (all.size() > Reset.AtBars.MOST_BARS || !all.stream().allMatch(Optional::isPresent)) {
            return reset;
        }
        List<Integer> bars =
                new ArrayList<>(all.stream().map(Optional::orElseThrow).toList());
        bars.remove(Integer.valueOf(0));
        return bars.isEmpty() ? Reset.PHRASE : new Reset.AtBars(bars);
    }
}
