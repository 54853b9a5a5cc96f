package nimblestride.core.transcription.repetition;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeMap;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.pattern.Pattern;
import nimblestride.core.time.value.NoteValue;

/**
 * What a voice plays over and over.
 *
 * @param length of one round
 * @param from where it first starts
 * @param strokes of one round, from its start; at least one
 * @param variation which whole rounds differ
 */
public record RepeatedCycle(
        Voice voice,
        NoteValue length,
        NoteValue from,
        NavigableMap<NoteValue, Stroke> strokes,
        VariantRounds variation) {
    private static final int MAX_STEPS = 256;

    public RepeatedCycle {
        strokes = Collections.unmodifiableNavigableMap(new TreeMap<>(strokes));
    }

    /** Returns whether every round is alike. */
    public boolean isExact() {
        return variation.isNone();
    }

    /** Returns how sure the cycle is. */
    public Confidence sureness() {
        return Confidence.of(variation.times() - variation.varied().size(), variation.times());
    }

    /** Returns the layer that plays it; empty where it has more steps than suit a cell. */
    public Optional<Layer> layer() {
        NoteValue step =
                strokes.keySet().stream().filter(at -> !at.isZero()).reduce(length, NoteValue::greatestCommonDivisor);
        boolean steady = strokes.size() == 1 && strokes.firstEntry().getValue().equals(Stroke.NORMAL);
        if (!steady && length.wholePartsOf(step) > MAX_STEPS) {
            return Optional.empty();
        }
        Pattern pattern = steady ? new Pattern.Every(length) : Pattern.Cell.of(steps(step), step);
        return Optional.of(Layer.of(voice, pattern).withOffset(from));
    }

    private List<Optional<Stroke>> steps(NoteValue step) {
        List<Optional<Stroke>> steps = new ArrayList<>();
        for (long i = 0; i < length.wholePartsOf(step); i++) {
            steps.add(Optional.ofNullable(strokes.get(step.times(i))));
        }
        return steps;
    }
}
