package nimblestride.core.transcription.repetition;

import java.util.NavigableMap;
import java.util.TreeMap;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.layer.pattern.Hit;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.timeline.LayerTimeline;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;

/** Lines as layers play them, for tests. */
public final class Lines {
    private Lines() {}

    public static NavigableMap<NoteValue, Stroke> strokes(Layer layer, Phrase phrase, NoteValue length) {
        NavigableMap<NoteValue, Stroke> strokes = new TreeMap<>();
        for (Hit hit : LayerTimeline.of(layer, phrase).between(NoteValue.ZERO, length, 10_000)) {
            strokes.put(hit.at(), hit.stroke());
        }
        return strokes;
    }

    public static VoiceLine of(Layer layer, Phrase phrase, NoteValue length) {
        return new VoiceLine(layer.voice(), strokes(layer, phrase, length), length);
    }
}
