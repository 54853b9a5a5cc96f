package nimblestride.core.insight.family;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.kit.voice.Kit;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.pattern.Pattern;
import nimblestride.core.layer.pattern.Placement;
import nimblestride.core.layer.pattern.Riff;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.reading.ReadingFilter;
import nimblestride.core.time.reading.Readings;
import nimblestride.core.time.value.NoteValue;

/** One bar in each of its groupings, under the same ostinato or with the same figure (common practice). */
public final class GroupingFamily {
    private static final int MAX_GROUPINGS = 12;

    private GroupingFamily() {}

    /**
     * Returns the groupings of the first bar over one layer: all in rotation, a bar each, then each alone. The snare
     * accents where groups start.
     */
    public static Family rotation(Exercise exercise, int index) {
        Layer ostinato = exercise.layers().get(index);
        List<Bar> bars = groupings(exercise);
        List<Family.Member> members = new ArrayList<>();
        members.add(Family.member(
                exercise,
                "all " + bars.size() + " in rotation",
                "a bar of each, over the same ostinato",
                over(exercise, bars, ostinato)));
        bars.forEach(bar -> members.add(Family.member(
                exercise, bar.grouping().toString(), Readings.nameOf(bar), over(exercise, List.of(bar), ostinato))));
        return new Family(
                "All groupings in rotation", "The ostinato stays; the snare accents each grouping in turn.", members);
    }

    private static List<Bar> groupings(Exercise exercise) {
        Bar first = exercise.phrase().bars().get(0);
        return Readings.of(first.meter(), ReadingFilter.ANY)
                .limit(MAX_GROUPINGS)
                .map(reading -> new Bar(first.meter(), reading.grouping()))
                .toList();
    }

    private static Exercise over(Exercise exercise, List<Bar> bars, Layer ostinato) {
        List<Placement> accents = new ArrayList<>();
        for (int bar = 0; bar < bars.size(); bar++) {
            for (NoteValue start : bars.get(bar).groupStarts()) {
                accents.add(new Placement(bar, start, Stroke.ACCENT));
            }
        }
        return exercise.withPhrase(Phrase.folded(bars))
                .withLayers(List.of(ostinato, Layer.of(Kit.SNARE, new Pattern.Placed(accents))));
    }

    /**
     * Returns a layer's figure, started over in each group of each grouping and cut off where the group ends.
     *
     * @throws InvalidValueException if the layer has no fixed length
     */
    public static Family sameFigure(Exercise exercise, int index) {
        Layer layer = exercise.layers().get(index);
        Riff figure = Riff.of(layer.pattern())
                .orElseThrow(() -> new InvalidValueException(
                        exercise.layerNames().get(index) + " has no fixed length to restart in each group"));
        List<Family.Member> members = groupings(exercise).stream()
                .map(bar -> Family.member(
                        exercise,
                        bar.grouping().toString(),
                        Readings.nameOf(bar),
                        exercise.withPhrase(Phrase.of(bar)).withLayers(List.of(begun(layer, figure, bar)))))
                .toList();
        String groups = members.stream().map(Family.Member::label).limit(3).collect(Collectors.joining(", "));
        return new Family(
                "The same figure in each grouping",
                "The figure restarts in each group and stops where the group ends: " + groups + " and so on.",
                members);
    }

    private static Layer begun(Layer layer, Riff figure, Bar bar) {
        List<Optional<Stroke>> steps = figure.playedOut();
        List<Placement> placements = new ArrayList<>();
        List<NoteValue> bounds = new ArrayList<>(bar.groupStarts());
        bounds.add(bar.length());
        for (int group = 0; group + 1 < bounds.size(); group++) {
            NoteValue at = bounds.get(group);
            for (int step = 0; at.compareTo(bounds.get(group + 1)) < 0; step++) {
                Optional<Stroke> stroke = steps.get(step % steps.size());
                boolean first = step == 0;
                if (stroke.isPresent()) {
                    placements.add(new Placement(0, at, first ? stroke.get().at(Dynamic.ACCENT) : stroke.get()));
                }
                at = at.plus(figure.step());
            }
        }
        return Layer.of(layer.voice(), new Pattern.Placed(placements));
    }
}
