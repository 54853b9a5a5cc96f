package nimblestride.desktop.view.weave;

import nimblestride.core.time.value.NoteValue;

/**
 * A hit on the Weave.
 *
 * @param bar number from 0
 * @param at from the start of the bar
 */
record WeaveHit(int layer, long bar, NoteValue at) {}
