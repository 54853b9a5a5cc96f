package nimblestride.desktop.ui.page;

import nimblestride.core.time.value.NoteValue;

/**
 * A stride that is lit while it is being written.
 *
 * @param start from the first start of the phrase
 * @param end later than that
 */
public record LitStride(NoteValue start, NoteValue end) {}
