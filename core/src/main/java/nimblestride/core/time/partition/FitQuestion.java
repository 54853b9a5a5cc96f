package nimblestride.core.time.partition;

import nimblestride.core.time.value.NoteValue;

/**
 * Asks which cells fill a length exactly.
 *
 * @param unit in which the cells and the length are counted, longer than zero
 */
public record FitQuestion(Partitions filling, NoteValue unit) {}
