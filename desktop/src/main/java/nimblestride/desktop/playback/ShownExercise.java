package nimblestride.desktop.playback;

import javafx.beans.property.ReadOnlyIntegerProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import nimblestride.core.time.counting.CountingSystem;
import nimblestride.core.time.counting.Subdivision;

/**
 * How the Road shows an exercise, which is played as it is shown.
 *
 * @param stage how many layers are heard, from the first on
 * @param school in which it is counted in
 * @param division how finely
 */
public record ShownExercise(
        ReadOnlyIntegerProperty stage,
        ReadOnlyObjectProperty<CountingSystem> school,
        ReadOnlyObjectProperty<Subdivision> division) {}
