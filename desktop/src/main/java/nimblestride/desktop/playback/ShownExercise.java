package nimblestride.desktop.playback;

import javafx.beans.property.ReadOnlyIntegerProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import nimblestride.core.time.counting.Counting;
import nimblestride.core.time.counting.Subdivision;

/**
 * How the Road shows an exercise, which also is how it plays.
 *
 * @param stageProperty how many layers play, from the first on
 * @param countingSystemProperty of the count-in
 * @param subdivisionProperty of the count-in
 */
public record ShownExercise(
        ReadOnlyIntegerProperty stageProperty,
        ReadOnlyObjectProperty<Counting> countingSystemProperty,
        ReadOnlyObjectProperty<Subdivision> subdivisionProperty) {}
