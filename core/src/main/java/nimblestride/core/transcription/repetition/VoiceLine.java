package nimblestride.core.transcription.repetition;

import java.util.Collections;
import java.util.NavigableMap;
import java.util.TreeMap;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.time.value.NoteValue;

/**
 * The strokes of one voice over some time.
 *
 * @param strokes by when they come, each before the end; at least one
 * @param length how long the line is
 */
public record VoiceLine(Voice voice, NavigableMap<NoteValue, Stroke> strokes, NoteValue length) {
    public VoiceLine {
        strokes = Collections.unmodifiableNavigableMap(new TreeMap<>(strokes));
        if (strokes.isEmpty() || strokes.lastKey().compareTo(length) >= 0) {
            throw new InvalidValueException("a line needs hits, all before its end");
        }
    }
}
