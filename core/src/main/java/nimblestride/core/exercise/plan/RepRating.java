package nimblestride.core.exercise.plan;

/** How a pass went, in the player's own judgement. */
public enum RepRating {
    CLEAN("clean"),
    /** Neither a step up nor a step back. */
    NEARLY("nearly"),
    NOT_YET("not yet");

    private final String title;

    RepRating(String title) {
        this.title = title;
    }

    /** Its name for people, as it is typed. */
    public String title() {
        return title;
    }
}
