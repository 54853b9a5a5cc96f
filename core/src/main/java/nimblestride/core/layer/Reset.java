package nimblestride.core.layer;

/** Where a layer begins again from its offset. */
public enum Reset {
    /** It runs on across every bar line. */
    NEVER,
    /** It begins again in each bar. */
    BAR,
    /** It begins again each time the phrase does. */
    PHRASE
}
