package nimblestride.core.exercise.plan;

import nimblestride.core.foundation.failure.InvalidValueException;

/**
 * When a ladder goes up and when it steps back; otherwise it stays.
 *
 * @param cleanToGoUp clean reps in a row, from 1 to {@value #MAX}
 * @param missesToStepBack reps in a row rated "not yet", from 1 to {@value #MAX}
 */
public record LadderRules(int cleanToGoUp, int missesToStepBack) {
    /** The most reps in a row. */
    public static final int MAX = 20;

    /** Three clean reps go up, two others step back. */
    public static final LadderRules DEFAULT = new LadderRules(3, 2);

    /** @throws InvalidValueException if a number is out of range */
    public LadderRules {
        check(cleanToGoUp, "clean runs to step up");
        check(missesToStepBack, "misses to step back");
    }

    private static void check(int number, String what) {
        if (number < 1 || number > MAX) {
            throw new InvalidValueException("from 1 to " + MAX + " " + what + ", not " + number);
        }
    }
}
