package nimblestride.core.exercise.plan;

/** How a rep went, in the player's own judgment. */
public enum RepRating {
    CLEAN("clean"),
    /** Neither a step up nor a step back. */
    NEARLY("nearly"),
    NOT_YET("not yet");

    private final String title;

    RepRating(String title) {
        this.title = title;
    }

    /** Returns its name for people, as a user types it. */
    public String title() {
        return title;
    }
}
