package nimblestride.desktop.view.road;

import java.util.stream.IntStream;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.layer.pattern.Pattern;

/**
 * What needs room below the Road's ground line, over all sections, so that nothing moves when playback goes from
 * section to section.
 *
 * @param count most lanes in any section
 * @param lettered whether hands stand under the marks of a lane
 * @param played whether a timing is shown
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

    /** Returns whether a pattern is written with hands. */
    private static boolean isLettered(Pattern pattern) {
        return IntStream.range(0, pattern.parts())
                .anyMatch(part -> pattern.strokeAt(part).flatMap(Stroke::limb).isPresent());
    }
}
