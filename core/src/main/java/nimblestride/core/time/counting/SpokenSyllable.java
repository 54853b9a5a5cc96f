package nimblestride.core.time.counting;

import nimblestride.core.time.value.NoteValue;

/**
 * A syllable of a count.
 *
 * @param at from the start of the bar
 * @param length until the next one
 * @param group the group it belongs to, from 0
 * @param startsGroup whether that begins with it
 */
public record SpokenSyllable(NoteValue at, NoteValue length, String syllable, int group, boolean startsGroup) {}
