package nimblestride.core.insight.family;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import nimblestride.core.exercise.leadin.PlainBeat;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.exact.ExactMath;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.pattern.Pattern;
import nimblestride.core.layer.pattern.Placement;
import nimblestride.core.layer.pattern.Riff;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.CountPosition;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;

/**
 * A cadence of three: a figure three times, with the same gap between, begun where its last note lands on a 1 (common
 * practice in South Indian drumming and on the kit).
 */
public final class CadenceFamily {
    private static final int MAX_GAPS = 8;
    private static final int MAX_BARS = 64;

    private CadenceFamily() {}

    /**
     * Returns the cadence without a gap, and with gaps of one unit, two units, and so on, over plain time. It lands on the 1
     * of the next round.
     *
     * @throws InvalidValueException if the layer has no fixed length, or the cadence is too long
     */
    public static Family of(Exercise exercise, int index) {
        Layer layer = exercise.layers().get(index);
        Riff figure = Riff.of(layer.pattern())
                .orElseThrow(() ->
                        new InvalidValueException(exercise.layerNames().get(index) + " has no fixed length to repeat"));
        NoteValue unit = exercise.phrase().bars().get(0).meter().unit();
        List<Family.Member> members = new ArrayList<>();
        for (int gap = 0; gap < MAX_GAPS; gap++) {
            members.add(member(exercise, layer, figure, unit.times(gap), gap));
        }
        return new Family(
                "A cadence of three",
                "The figure three times over plain time, so its last note lands on the 1.",
                members);
    }

    private static Family.Member member(Exercise exercise, Layer layer, Riff figure, NoteValue gap, int units) {
        List<Placement> notes = new ArrayList<>();
        NoteValue apart = figure.length().plus(gap);
        NoteValue last = lastNote(figure);
        NoteValue lasts = apart.times(2).plus(last);
        Bar bar = exercise.phrase().bars().get(0);
        long bars = lasts.wholePartsOf(bar.length()) + 2;
        if (bars > MAX_BARS) {
            throw new InvalidValueException("three of this figure are longer than " + MAX_BARS + " bars");
        }
        NoteValue start = bar.length().times(bars).minus(lasts);
        for (int time = 0; time < 3; time++) {
            add(figure, start.plus(apart.times(time)), bar, bars, notes);
        }
        long first = start.wholePartsOf(bar.length());
        String place =
                new CountPosition(bar.meter(), start.minus(bar.length().times(first))) + " of bar " + (first + 1);
        Phrase phrase = Phrase.folded(Collections.nCopies((int) bars, bar));
        List<Layer> layers = new ArrayList<>(PlainBeat.over(phrase));
        layers.add(Layer.of(layer.voice(), new Pattern.Placed(notes)));
        return Family.member(
                exercise,
                "from " + place,
                units == 0 ? "without a gap" : "a gap of " + units + (units == 1 ? " unit" : " units") + " between",
                exercise.withPhrase(phrase).withLayers(layers));
    }

    private static NoteValue lastNote(Riff figure) {
        List<Optional<Stroke>> steps = figure.playedOut();
        int last = steps.size() - 1;
        while (last > 0 && steps.get(last).isEmpty()) {
            last--;
        }
        return figure.step().times(last);
    }

    /** Places a figure; what falls on the end of the phrase is its first 1. */
    private static void add(Riff figure, NoteValue from, Bar bar, long bars, List<Placement> notes) {
        NoteValue end = bar.length().times(bars);
        NoteValue at = from;
        for (Optional<Stroke> step : figure.playedOut()) {
            if (step.isPresent() && at.compareTo(end) <= 0) {
                boolean lands = at.equals(end);
                NoteValue within = lands ? NoteValue.ZERO : at;
                int number = ExactMath.toInt(within.wholePartsOf(bar.length()));
                Stroke stroke = lands ? step.get().at(Dynamic.ACCENT) : step.get();
                notes.add(new Placement(number, within.minus(bar.length().times(number)), stroke));
            }
            at = at.plus(figure.step());
        }
    }
}
