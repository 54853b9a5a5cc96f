package nimblestride.store.book;

/**
 * An exercise as it was saved, and what another window had done to it meanwhile.
 *
 * @param others what had happened to it that this window had not seen
 */
public record SavedExercise(ExerciseSummary summary, Others others) {
    /** What another window had done to an exercise. */
    public enum Others {
        /** Nothing. */
        NONE,
        /** It had saved another state, which is in the history now. */
        EDITED,
        /** It had removed the exercise, which is back now. */
        REMOVED
    }
}
