package nimblestride.core.time.counting;

import nimblestride.core.time.value.NoteValue;

/**
 * A syllable of a count.
 *
 * @param at from the start of the bar
 * @param length until the next one
 * @param group it belongs to, from 0
 * @param startsGroup whether the group starts with it
 */
public record SpokenSyllable(NoteValue at, NoteValue length, String syllable, int group, boolean startsGroup) {}
