package nimblestride.core.insight.fact;

/** What a fact is about, in the order a player asks. */
public enum Category {
    /** Something does not add up. */
    CHECK(false),
    /** When everything lines up again, or how long the bars are. */
    HEADLINE(false),
    /** What one layer does. */
    LAYER(false),
    /** What the hands must do, where there is something to say. */
    HANDS(false),
    /** Layers coincide. */
    MEETING(true),
    /** How fast and how often the limbs play. */
    LIMBS(true),
    /** How long something is. */
    LENGTH(true),
    /** More about one layer: shown inside its card. */
    DETAIL(true);

    private final boolean behindMore;

    Category(boolean behindMore) {
        this.behindMore = behindMore;
    }

    /** Returns whether it waits behind More until somebody asks. */
    public boolean isBehindMore() {
        return behindMore;
    }
}
