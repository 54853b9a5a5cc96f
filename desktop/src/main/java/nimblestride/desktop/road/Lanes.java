package nimblestride.desktop.road;

import java.util.stream.IntStream;
import nimblestride.core.exercise.Exercise;
import nimblestride.core.groove.Stroke;
import nimblestride.core.layer.Pattern;

/**
 * What stands under the ground line of the Road, in view or not.
 *
 * @param count how many lanes
 * @param lettered whether hands are written under the marks of one of them
 * @param played whether it is shown above them how somebody played
 */
record Lanes(int count, boolean lettered, boolean played) {
    static Lanes of(Exercise exercise, boolean played) {
        boolean lettered = exercise.layers().stream().anyMatch(layer -> isLettered(layer.pattern()));
        return new Lanes(exercise.layers().size(), lettered, played);
    }

    /** Whether it is written out with which hand it is played. */
    private static boolean isLettered(Pattern pattern) {
        return IntStream.range(0, pattern.parts())
                .anyMatch(part -> pattern.strokeAt(part).flatMap(Stroke::limb).isPresent());
    }
}
