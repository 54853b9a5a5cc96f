package nimblestride.desktop.view.road;

import java.util.stream.IntStream;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.layer.pattern.Pattern;

/**
 * What stands under the ground line of the Road, in view or not, in any section: while sections play one after the
 * other, everything stays where it is.
 *
 * @param count most lanes
 * @param lettered whether hands are written under the marks of a lane
 */
record LayerLanes(int count, boolean lettered, boolean played) {
    static LayerLanes of(Exercise exercise, boolean played) {
        int most = exercise.contents().stream()
                .mapToInt(content -> content.layers().size())
                .max()
                .orElse(0);
        boolean lettered = exercise.contents().stream()
                .flatMap(content -> content.layers().stream())
                .anyMatch(layer -> isLettered(layer.pattern()));
        return new LayerLanes(most, lettered, played);
    }

    /** Whether it is written out with which hand it is played. */
    private static boolean isLettered(Pattern pattern) {
        return IntStream.range(0, pattern.parts())
                .anyMatch(part -> pattern.strokeAt(part).flatMap(Stroke::limb).isPresent());
    }
}
