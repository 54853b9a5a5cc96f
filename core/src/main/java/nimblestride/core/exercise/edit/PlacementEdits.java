package nimblestride.core.exercise.edit;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.pattern.Pattern;
import nimblestride.core.layer.pattern.Placement;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;

/** Edits notes placed on counts. A voice has one layer of placed notes; its other layers stay as they are. */
public final class PlacementEdits {
    private PlacementEdits() {}

    /** Returns the layers of placed notes. */
    public static List<Layer> placements(Exercise exercise) {
        return exercise.layers().stream()
                .filter(layer -> layer.pattern() instanceof Pattern.Placed)
                .toList();
    }

    /** Returns how many bars the phrase has, or the longest part of placed notes that runs across it. */
    public static int bars(Exercise exercise) {
        return placements(exercise).stream()
                .mapToInt(layer -> ((Pattern.Placed) layer.pattern())
                        .bars(exercise.phrase())
                        .bars()
                        .size())
                .max()
                .orElse(exercise.phrase().bars().size());
    }

    /**
     * Replaces the placed notes. A voice that is named keeps its place among the layers and its rules; one that is not
     * loses its notes, and a new one comes last. Notes on bars that the phrase does not have stay: a finding names them.
     *
     * @param layers one for each voice
     */
    public static Exercise withPlaced(Exercise exercise, List<Layer> layers) {
        Map<Voice, Layer> wanted = new LinkedHashMap<>();
        layers.forEach(layer -> wanted.put(layer.voice(), layer));
        List<Layer> changed = new ArrayList<>();
        for (Layer layer : exercise.layers()) {
            if (!(layer.pattern() instanceof Pattern.Placed)) {
                changed.add(layer);
                continue;
            }
            Pattern.Placed before = (Pattern.Placed) layer.pattern();
            Layer now = wanted.remove(layer.voice());
            Pattern.Placed notes = now == null ? before : (Pattern.Placed) now.pattern();
            List<Placement> all = new ArrayList<>(now == null ? List.of() : notes.placements());
            addLost(before, notes, exercise.phrase(), all);
            if (!all.isEmpty()) {
                changed.add(layer.withPattern(notes.with(all)));
            }
        }
        changed.addAll(wanted.values());
        return exercise.withLayers(changed);
    }

    /**
     * Replaces the placed notes on the phrase, as {@link #withPlaced} does. What longer parts play after its last bar
     * stays.
     *
     * @param layers one for each voice, that repeat with the phrase
     */
    public static Exercise withPlacedOnPhrase(Exercise exercise, List<Layer> layers) {
        int bars = exercise.phrase().bars().size();
        Map<Voice, Layer> all = new LinkedHashMap<>();
        layers.forEach(layer -> all.put(layer.voice(), layer));
        for (Layer before : placements(exercise)) {
            Pattern.Placed longer = (Pattern.Placed) before.pattern();
            if (longer.isOnPhrase()) {
                continue;
            }
            Layer now = all.get(before.voice());
            List<Placement> notes =
                    new ArrayList<>(now == null ? List.of() : ((Pattern.Placed) now.pattern()).placements());
            longer.placements().stream().filter(one -> one.bar() >= bars).forEach(notes::add);
            if (!notes.isEmpty()) {
                all.put(before.voice(), before.withPattern(longer.with(notes)));
            }
        }
        return withPlaced(exercise, List.copyOf(all.values()));
    }

    /** Adds old notes that are on no bar, and so in no text. */
    private static void addLost(Pattern.Placed before, Pattern.Placed now, Phrase phrase, List<Placement> to) {
        Phrase bars = now.bars(phrase);
        before.lost(phrase).stream()
                .filter(one -> !one.isOn(bars) && to.stream().noneMatch(one::isWith))
                .forEach(to::add);
    }

    /** Adds a note of a voice at a place, or removes the one that is there. */
    public static Exercise toggle(Exercise exercise, Voice voice, Placement placement) {
        List<Placement> placements = placements(exercise, voice);
        boolean there = placements.removeIf(placement::isWith);
        if (!there) {
            placements.add(placement);
        }
        return withPlacements(exercise, voice, placements);
    }

    /** Returns whether a voice has a note at a place. */
    public static boolean isPlaced(Exercise exercise, Voice voice, int bar, NoteValue position) {
        return placements(exercise, voice).stream().anyMatch(new Placement(bar, position, Stroke.NORMAL)::isWith);
    }

    /** Moves a note to another place; a note that is there is replaced. */
    public static Exercise move(Exercise exercise, Voice voice, Placement from, int bar, NoteValue position) {
        List<Placement> placements = placements(exercise, voice);
        Placement there = placements.stream().filter(from::isWith).findFirst().orElse(from);
        Placement moved = new Placement(bar, position, there.stroke());
        placements.removeIf(one -> one.isWith(from) || one.isWith(moved));
        placements.add(moved);
        return withPlacements(exercise, voice, placements);
    }

    private static List<Placement> placements(Exercise exercise, Voice voice) {
        OptionalInt index = layerOf(exercise, voice);
        return index.isEmpty()
                ? new ArrayList<>()
                : new ArrayList<>(((Pattern.Placed)
                                exercise.layers().get(index.getAsInt()).pattern())
                        .placements());
    }

    private static Exercise withPlacements(Exercise exercise, Voice voice, List<Placement> placements) {
        OptionalInt index = layerOf(exercise, voice);
        if (placements.isEmpty()) {
            return index.isEmpty() ? exercise : exercise.withoutLayer(index.getAsInt());
        }
        if (index.isEmpty()) {
            return exercise.plusLayer(Layer.of(voice, new Pattern.Placed(placements)));
        }
        Layer layer = exercise.layers().get(index.getAsInt());
        Pattern pattern = ((Pattern.Placed) layer.pattern()).with(placements);
        return exercise.withLayer(index.getAsInt(), layer.withPattern(pattern));
    }

    private static OptionalInt layerOf(Exercise exercise, Voice voice) {
        return IntStream.range(0, exercise.layers().size())
                .filter(i -> exercise.layers().get(i).voice().equals(voice)
                        && exercise.layers().get(i).pattern() instanceof Pattern.Placed)
                .findFirst();
    }
}
