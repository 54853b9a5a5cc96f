package nimblestride.core.layer.alignment;

import nimblestride.core.time.value.NoteValue;

/**
 * How long until everything is as it was at the start.
 *
 * @param length in whole notes
 * @param bars the same in bars
 * @param phrases the same in rounds of the phrase
 * @param cycles the same in cycles of the layer, including one that a reset cuts short
 */
public record Realignment(NoteValue length, long bars, long phrases, long cycles) {}
