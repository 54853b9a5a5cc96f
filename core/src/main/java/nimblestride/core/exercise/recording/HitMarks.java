package nimblestride.core.exercise.recording;

import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import nimblestride.core.foundation.failure.InvalidValueException;

/**
 * What the user changed about the hits found in a recording, in seconds from its start.
 *
 * @param added up to {@value #MAX_MARKS}, in order
 * @param removed found hits that are none, up to {@value #MAX_MARKS}, in order
 */
public record HitMarks(List<Double> added, List<Double> removed) {
    /** The most marks of a kind. */
    public static final int MAX_MARKS = 10_000;

    /** Nothing is changed. */
    public static final HitMarks NONE = new HitMarks(List.of(), List.of());

    /** Two marks nearer than this, in seconds, are one. */
    public static final double SAME = 0.002;

    /** @throws InvalidValueException if there are too many, or one is before the start */
    public HitMarks {
        added = added.stream().sorted().distinct().toList();
        removed = removed.stream().sorted().distinct().toList();
        for (List<Double> marks : List.of(added, removed)) {
            if (marks.size() > MAX_MARKS) {
                throw new InvalidValueException(
                        String.format(Locale.ROOT, "up to %,d hits can be added or removed", MAX_MARKS));
            }
            if (!marks.isEmpty() && !(marks.get(0) >= 0 && Double.isFinite(marks.get(marks.size() - 1)))) {
                throw new InvalidValueException("a hit comes after the start, not at " + marks.get(0) + " s");
            }
        }
    }

    /** Returns the marks with one more hit. */
    public HitMarks with(double seconds) {
        return new HitMarks(Stream.concat(added.stream(), Stream.of(seconds)).toList(), removed);
    }

    /** Returns the marks without a hit, whether it was found or added. */
    public HitMarks without(double seconds) {
        boolean wasAdded = added.stream().anyMatch(at -> isSame(at, seconds));
        return wasAdded
                ? new HitMarks(added.stream().filter(at -> !isSame(at, seconds)).toList(), removed)
                : new HitMarks(
                        added,
                        Stream.concat(removed.stream(), Stream.of(seconds)).toList());
    }

    /** Returns whether a found hit is removed. */
    public boolean isRemoved(double seconds) {
        return removed.stream().anyMatch(at -> isSame(at, seconds));
    }

    private static boolean isSame(double one, double other) {
        return Math.abs(one - other) <= SAME;
    }
}
