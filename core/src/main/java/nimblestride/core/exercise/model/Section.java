package nimblestride.core.exercise.model;

import java.util.Locale;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.layer.modulation.Pivot;

/**
 * A content in its turn. Its layers start over with it.
 *
 * @param content index of the exercise's content that is played, from 0
 * @param rounds how often its phrase is played, from 1 to {@value #MAX_ROUNDS}
 * @param pivot modulation over its first bar line; {@link Pivot#NONE} where the tempo stays
 */
public record Section(int content, int rounds, Pivot pivot) {
    /** The most rounds. */
    public static final int MAX_ROUNDS = 1_000;

    /** @throws InvalidValueException if a number is out of range */
    public Section {
        if (rounds < 1 || rounds > MAX_ROUNDS) {
            throw new InvalidValueException(
                    String.format(Locale.ROOT, "a section repeats 1 to %,d times, not %,d", MAX_ROUNDS, rounds));
        }
    }

    /** Returns a section that plays a content once, without a change of tempo. */
    public static Section of(int content) {
        return new Section(content, 1, Pivot.NONE);
    }

    /**
     * Returns the section with another number of rounds.
     *
     * @throws InvalidValueException if it is out of range
     */
    public Section withRounds(int newRounds) {
        return new Section(content, newRounds, pivot);
    }

    /** Returns the section with another pivot. */
    public Section withPivot(Pivot newPivot) {
        return new Section(content, rounds, newPivot);
    }
}
