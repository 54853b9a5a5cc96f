package nimblestride.core.practice.stage;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.SortedSet;
import java.util.TreeSet;
import nimblestride.core.foundation.exact.ExactMath;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.pattern.Pattern;
import nimblestride.core.layer.pattern.Placement;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;

/** Notes written out over a phrase: a layer for each voice. */
final class WrittenOutNotes {
    private final Phrase phrase;
    private final Map<Voice, SortedSet<Placement>> byVoice = new LinkedHashMap<>();

    WrittenOutNotes(Phrase phrase) {
        this.phrase = phrase;
    }

    /**
     * Adds a note. One voice plays once, even where two layers ask for it.
     *
     * @param at from the start of the phrase, and within it
     */
    void add(Voice voice, NoteValue at, Stroke stroke) {
        int bar = ExactMath.toInt(phrase.barAt(at));
        byVoice.computeIfAbsent(voice, one -> new TreeSet<>())
                .add(new Placement(bar, at.minus(phrase.startOf(bar)), stroke));
    }

    List<Layer> layers() {
        List<Layer> layers = new ArrayList<>();
        byVoice.forEach((voice, places) -> layers.add(Layer.of(voice, new Pattern.Placed(List.copyOf(places)))));
        return layers;
    }
}
