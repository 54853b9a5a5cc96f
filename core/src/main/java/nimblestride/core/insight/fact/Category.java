package nimblestride.core.insight.fact;

/** What a fact is about, in the order in which findings are shown. */
public enum Category {
    /** Something does not add up. */
    CHECK,
    /** A layer is back where it began. */
    RETURN,
    /** A layer starts on a bar line. */
    LANDING,
    /** What is left over when a layer is cut off. */
    REMAINDER,
    /** What a crossing is called. */
    CROSSING,
    /** How a layer sits bar by bar. */
    BEAT,
    /** Layers coincide. */
    MEETING,
    /** What the hands and feet must do. */
    HANDS,
    /** How long something is. */
    LENGTH
}
