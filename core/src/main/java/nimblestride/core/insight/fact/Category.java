package nimblestride.core.insight.fact;

/** What a fact is about, in the order a player asks. */
public enum Category {
    /** Something does not add up. */
    CHECK,
    /** When everything lines up again, or how long the bars are. */
    HEADLINE,
    /** What one layer does. */
    LAYER,
    /** What the hands must do, where there is something to say. */
    HANDS,
    /** Layers coincide. */
    MEETING,
    /** How fast and how often the limbs play. */
    LIMBS,
    /** How long something is. */
    LENGTH,
    /** More about one layer: shown inside its card. */
    DETAIL;

    /** Returns whether it waits behind More until somebody asks. */
    public boolean isBehindMore() {
        return ordinal() > HANDS.ordinal();
    }
}
