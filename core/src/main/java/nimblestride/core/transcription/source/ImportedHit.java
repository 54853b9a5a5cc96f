package nimblestride.core.transcription.source;

import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.time.value.NoteValue;

/**
 * One hit of a part.
 *
 * @param at from the start, in written values
 */
public record ImportedHit(NoteValue at, ImportedSound sound, Stroke stroke) {}
