package nimblestride.formats.midi;

import java.util.List;
import java.util.OptionalInt;

/**
 * The simplest way to divide a beat so that what was played in it lies on its parts, as near as hands play: beat by beat, so that
 * tuplets may stand beside even notes.
 */
final class SimplestGrid {
    /** From the simplest to the most difficult (common practice); a beat is a quarter or a dotted quarter as a rule. */
    private static final List<Integer> DIVISIONS = List.of(1, 2, 4, 3, 6, 8, 12, 5, 7, 16, 9, 10, 24, 32);

    /** So much of a part a stroke may lie off its place, at the most. */
    private static final double MOST_OF_A_PART = 0.25;

    private SimplestGrid() {}

    /**
     * Into how many parts a beat is best divided.
     *
     * @param places of strokes in the beat, each from 0 up to 1; 1 stands for the next beat
     * @param tolerance how far strokes may lie off, in beats
     * @return empty where no division explains them
     */
    static OptionalInt of(List<Double> places, double tolerance) {
        return DIVISIONS.stream()
                .filter(parts -> fits(places, parts, Math.min(tolerance, MOST_OF_A_PART / parts)))
                .mapToInt(Integer::intValue)
                .findFirst();
    }

    private static boolean fits(List<Double> places, int parts, double tolerance) {
        return places.stream()
                .allMatch(place -> Math.abs(place * parts - Math.rint(place * parts)) / parts <= tolerance + 1e-12);
    }
}
