package nimblestride.core.exercise.model;

import java.util.Locale;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.layer.modulation.Pivot;

/**
 * A feel in its turn. Its layers begin anew with it.
 *
 * @param content which of the exercise's feels is played, from 0
 * @param rounds how often its phrase is played, from 1 to {@value #MAX_ROUNDS}
 * @param pivot the modulation over its first bar line; {@link Pivot#NONE} where the tempo stays
 */
public record Section(int content, int rounds, Pivot pivot) {
    public static final int MAX_ROUNDS = 1_000;

    public Section {
        if (rounds < 1 || rounds > MAX_ROUNDS) {
            throw new InvalidValueException(String.format(
                    Locale.ROOT, "a section plays its bars from 1 to %,d times, not %,d", MAX_ROUNDS, rounds));
        }
    }

    /** A feel once, the tempo as it was. */
    public static Section of(int content) {
        return new Section(content, 1, Pivot.NONE);
    }

    public Section withRounds(int newRounds) {
        return new Section(content, newRounds, pivot);
    }

    public Section withPivot(Pivot newPivot) {
        return new Section(content, rounds, newPivot);
    }
}
