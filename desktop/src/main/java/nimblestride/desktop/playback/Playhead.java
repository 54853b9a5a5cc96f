package nimblestride.desktop.playback;

import java.util.OptionalDouble;

/**
 * Where the music is heard now.
 *
 * @param moment in whole notes from the beginning; empty while nothing of the open section is heard
 */
public record Playhead(OptionalDouble moment) {
    /** Nothing is heard. */
    public static final Playhead HIDDEN = new Playhead(OptionalDouble.empty());

    /** Returns the playhead at a moment, in whole notes from the beginning. */
    public static Playhead at(double moment) {
        return new Playhead(OptionalDouble.of(moment));
    }

    /** Returns whether something is heard. */
    public boolean isShown() {
        return moment.isPresent();
    }

    /**
     * Wraps the moment back to the beginning after each cycle.
     *
     * @param cycle length in whole notes, above 0
     */
    public Playhead wrappedAt(double cycle) {
        return isShown() ? at(moment.getAsDouble() % cycle) : this;
    }
}
