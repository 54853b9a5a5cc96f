package nimblestride.core.transcription;

import nimblestride.core.groove.Stroke;
import nimblestride.core.value.NoteValue;

/**
 * One stroke of a part.
 *
 * @param at from the beginning, as it is counted
 */
public record Struck(NoteValue at, Sound sound, Stroke stroke) {}
