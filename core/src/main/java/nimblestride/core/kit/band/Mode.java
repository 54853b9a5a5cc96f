package nimblestride.core.kit.band;

import java.util.List;

/** A scale, in semitones above its first note, and four of its triads that make a loop (common practice). */
public enum Mode {
    MAJOR("major", List.of(0, 2, 4, 5, 7, 9, 11), List.of(1, 6, 4, 5)),
    MINOR("minor", List.of(0, 2, 3, 5, 7, 8, 10), List.of(1, 6, 3, 7)),
    DORIAN("dorian", List.of(0, 2, 3, 5, 7, 9, 10), List.of(1, 4, 1, 7)),
    MIXOLYDIAN("mixolydian", List.of(0, 2, 4, 5, 7, 9, 10), List.of(1, 7, 4, 1));

    private final String title;

    @SuppressWarnings("ImmutableEnumChecker") // Lists that never change.
    private final List<Integer> scale;

    @SuppressWarnings("ImmutableEnumChecker")
    private final List<Integer> degrees;

    Mode(String title, List<Integer> scale, List<Integer> degrees) {
        this.title = title;
        this.scale = scale;
        this.degrees = degrees;
    }

    /** Returns its name for people. */
    public String title() {
        return title;
    }

    /**
     * Returns how far a step of the scale is above the first, in semitones.
     *
     * @param step from 0, counted on through the octaves
     */
    int semitones(int step) {
        return 12 * Math.floorDiv(step, scale.size()) + scale.get(Math.floorMod(step, scale.size()));
    }

    /**
     * Returns the step on which the triad of a turn stands, from 0.
     *
     * @param turn from 0, counted on through the loop
     */
    int rootOf(long turn) {
        return degrees.get((int) (turn % degrees.size())) - 1;
    }
}
