package nimblestride.core.notation.engraving;

/** What a mark is drawn with; each surface has its own colors. */
public enum Ink {
    /** Notes, staves and what else must be read. */
    INK,
    /** What stands back: bar numbers, counts off the strides. */
    QUIET,
    /** Fine lines that only guide. */
    LINE,
    /** Landings and returns. */
    LANDING
}
