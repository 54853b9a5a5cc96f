package nimblestride.core.kit.voice;

/** The shapes of noteheads by which voices are told apart on a staff. */
public enum NoteheadShape {
    NORMAL,
    CROSS,
    CIRCLED_CROSS,
    DIAMOND,
    TRIANGLE,
    SLASHED
}
