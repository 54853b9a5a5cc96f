package nimblestride.desktop.playback;

import javafx.beans.property.ReadOnlyIntegerProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import nimblestride.core.time.counting.CountingSystem;
import nimblestride.core.time.counting.Subdivision;

/**
 * How the Road shows an exercise, which is played as it is shown.
 *
 * @param stageProperty how many layers are heard, from the first on
 * @param countingSystemProperty in which it is counted in
 * @param subdivisionProperty how finely
 */
public record ShownExercise(
        ReadOnlyIntegerProperty stageProperty,
        ReadOnlyObjectProperty<CountingSystem> countingSystemProperty,
        ReadOnlyObjectProperty<Subdivision> subdivisionProperty) {}
