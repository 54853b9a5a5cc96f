package nimblestride.core.score;

import nimblestride.core.value.NoteValue;

/**
 * The sign of a metric modulation over a bar line: what was one value is another from here on.
 *
 * @param old as it is written before
 * @param now as it is written from here on
 */
public record GearChange(NoteValue old, NoteValue now) {}
