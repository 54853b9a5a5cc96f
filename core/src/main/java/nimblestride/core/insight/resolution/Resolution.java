package nimblestride.core.insight.resolution;

import nimblestride.core.exercise.model.Exercise;

/**
 * A way in which a riff closes with the bars.
 *
 * @param label what is done
 * @param sum why it closes
 * @param exercise the exercise after it
 */
public record Resolution(Kind kind, String label, String sum, Exercise exercise) {
    /** What is changed: the length, the riff's end, the bars, where it starts, or the riff itself. */
    public enum Kind {
        REPEATS("as many repeats as it takes"),
        TAIL("a tail"),
        EXTRA_BAR("an extra bar"),
        LAST_BAR("another last bar"),
        OFFSET("another start"),
        CUT("the last one cut short"),
        TURNAROUND("a turn-around"),
        OTHER_RIFF("another length");

        private final String title;

        Kind(String title) {
            this.title = title;
        }

        /** As it is called. */
        public String title() {
            return title;
        }
    }
}
