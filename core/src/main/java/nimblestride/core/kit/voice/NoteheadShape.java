package nimblestride.core.kit.voice;

/** The shapes of noteheads that tell voices apart on a staff. */
public enum NoteheadShape {
    NORMAL,
    CROSS,
    CIRCLED_CROSS,
    DIAMOND,
    TRIANGLE,
    SLASHED
}
