package nimblestride.core.insight.resolution;

import nimblestride.core.exercise.model.Exercise;

/**
 * A way to make a riff fit its bars.
 *
 * @param label what is done
 * @param sum why it fits
 * @param exercise the exercise after it
 */
public record Resolution(Kind kind, String label, String sum, Exercise exercise) {
    /** What changes: the length, the riff's end, the bars, where it starts, or the riff itself. */
    public enum Kind {
        REPEATS("repeat it until it fits"),
        TAIL("a tail"),
        EXTRA_BAR("an extra bar"),
        LAST_BAR("a different last bar"),
        OFFSET("a later start"),
        CUT("cut the last one short"),
        TURNAROUND("a turnaround"),
        OTHER_RIFF("a different length");

        private final String title;

        Kind(String title) {
            this.title = title;
        }

        /** Returns its name for people. */
        public String title() {
            return title;
        }
    }
}
