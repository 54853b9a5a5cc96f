package nimblestride.core.exercise.edit;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.exact.ExactMath;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.kit.stroke.Ornament;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.layer.alignment.Alignment;
import nimblestride.core.layer.pattern.Hit;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.pattern.Pattern;
import nimblestride.core.layer.pattern.Placement;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;

/**
 * Places note by note what layers play until they realign, so that all of it reads as one part. A layer that starts
 * late starts late in each round then. One that takes too long to realign, or plays doubles, stays as it is.
 */
public final class WrittenOut {
    private static final long MOST_BARS = 256;

    private final Phrase phrase;
    private final Map<Voice, Layer> placed = new LinkedHashMap<>();
    private final List<Layer> others = new ArrayList<>();

    private WrittenOut(Exercise exercise) {
        this.phrase = exercise.phrase();
        PlacementEdits.placements(exercise).forEach(layer -> placed.put(layer.voice(), layer));
        exercise.layers().stream()
                .filter(layer -> !(layer.pattern() instanceof Pattern.Placed))
                .forEach(this::write);
    }

    /** Returns the exercise with its layers placed note by note, as far as they can be. */
    public static Exercise of(Exercise exercise) {
        WrittenOut out = new WrittenOut(exercise);
        List<Layer> layers = new ArrayList<>(out.placed.values());
        layers.addAll(out.others);
        return exercise.withLayers(layers);
    }

    private void write(Layer layer) {
        List<Layer> notes = notes(layer);
        if (notes.isEmpty() || !notes.stream().allMatch(this::fits)) {
            others.add(layer);
        } else {
            notes.forEach(one -> placed.merge(one.voice(), one, WrittenOut::together));
        }
    }

    /** Returns whether a voice has no notes yet, or notes that repeat on as many bars. */
    private boolean fits(Layer notes) {
        Layer there = placed.getOrDefault(notes.voice(), notes);
        return placed(there).ownBars() == placed(notes).ownBars();
    }

    /** Returns what a layer plays until it realigns, a layer for each voice; nothing if it can't be placed. */
    private List<Layer> notes(Layer layer) {
        try {
            Alignment alignment = Alignment.of(layer, phrase);
            boolean startsLate = alignment.timeline().start() > 0;
            long bars =
                    startsLate ? phrase.bars().size() : alignment.returnsAfter().bars();
            if (bars > Math.max(MOST_BARS, phrase.bars().size())) {
                return List.of();
            }
            List<Hit> hits =
                    alignment.timeline().between(NoteValue.ZERO, phrase.startOf(bars), Pattern.Placed.MAX_PLACED + 1);
            boolean doubles = hits.stream().anyMatch(hit -> hit.stroke().ornament() == Ornament.DOUBLED);
            return doubles || hits.size() > Pattern.Placed.MAX_PLACED ? List.of() : notes(hits, bars);
        } catch (StrideException e) {
            // A finding says why it can't be laid out.
            return List.of();
        }
    }

    private List<Layer> notes(List<Hit> hits, long bars) {
        Phrase all = phrase.first(bars);
        Map<Voice, List<Placement>> byVoice = new LinkedHashMap<>();
        for (Hit hit : hits) {
            int bar = ExactMath.toInt(all.barAt(hit.at()));
            Placement placement = new Placement(bar, hit.at().minus(all.startOf(bar)), hit.stroke());
            hit.voices().forEach(voice -> byVoice.computeIfAbsent(voice, one -> new ArrayList<>())
                    .add(placement));
        }
        int ownBars = bars == phrase.bars().size() ? 0 : all.bars().size();
        List<Layer> layers = new ArrayList<>();
        byVoice.forEach((voice, notes) -> layers.add(Layer.of(voice, new Pattern.Placed(notes, ownBars))));
        return layers;
    }

    private static Layer together(Layer one, Layer other) {
        TreeSet<Placement> both = new TreeSet<>(placed(one).placements());
        both.addAll(placed(other).placements());
        return one.withPattern(placed(one).with(List.copyOf(both)));
    }

    private static Pattern.Placed placed(Layer layer) {
        return (Pattern.Placed) layer.pattern();
    }
}
