package nimblestride.core.transcription.source;

import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.time.value.NoteValue;

/**
 * One stroke of a part.
 *
 * @param at from the beginning, as it is counted
 */
public record ImportedHit(NoteValue at, ImportedSound sound, Stroke stroke) {}
