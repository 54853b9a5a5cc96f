package nimblestride.core.exercise.plan;

import java.math.BigInteger;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.IntStream;
import nimblestride.core.foundation.exact.ExactMath;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.time.value.Tempo;
import org.apache.commons.numbers.fraction.BigFraction;

/**
 * Even steps from a slow tempo to a goal, in beats per minute of the exercise's own tempo.
 *
 * @param start lowest rung
 * @param goal highest rung, not below the start
 * @param step from rung to rung, more than zero; the last one may be shorter
 * @param pace days on which to climb; empty for none
 */
public record Ladder(
        BigFraction start, BigFraction goal, BigFraction step, LadderRules rules, Optional<LadderPace> pace) {
    /** The most rungs. */
    public static final int MAX_RUNGS = 1_000;

    /**
     * @throws InvalidValueException if a tempo can't be played, the goal is below the start, or there are too many
     *     rungs
     */
    public Ladder {
        checkTempo("the start", start);
        checkTempo("the goal", goal);
        if (goal.compareTo(start) < 0) {
            throw new InvalidValueException(
                    "the goal, " + Tempo.decimal(goal) + ", can't be below the start, " + Tempo.decimal(start));
        }
        if (step.signum() <= 0) {
            throw new InvalidValueException("each step must go up, such as by 4 BPM");
        }
        if (steps(start, goal, step).compareTo(BigInteger.valueOf(MAX_RUNGS - 1L)) > 0) {
            throw new InvalidValueException(String.format(
                    Locale.ROOT,
                    "a Ladder has up to %,d steps; try steps larger than %s",
                    MAX_RUNGS,
                    Tempo.decimal(step)));
        }
    }

    private static void checkTempo(String what, BigFraction perMinute) {
        if (perMinute.compareTo(BigFraction.of(Tempo.MIN)) < 0 || perMinute.compareTo(BigFraction.of(Tempo.MAX)) > 0) {
            throw new InvalidValueException(what + " of a Ladder is from " + Tempo.MIN + " to " + Tempo.MAX
                    + " BPM, not " + Tempo.decimal(perMinute));
        }
    }

    private static BigInteger steps(BigFraction start, BigFraction goal, BigFraction step) {
        BigFraction exact = goal.subtract(start).divide(step);
        BigInteger[] whole = exact.getNumerator().divideAndRemainder(exact.getDenominator());
        return whole[1].signum() == 0 ? whole[0] : whole[0].add(BigInteger.ONE);
    }

    /**
     * Returns a ladder without dates.
     *
     * @throws InvalidValueException as the constructor does
     */
    public static Ladder of(BigFraction start, BigFraction goal, BigFraction step) {
        return new Ladder(start, goal, step, LadderRules.DEFAULT, Optional.empty());
    }

    /**
     * Returns a ladder from six tenths of a tempo up to it, in steps of a twentieth, in whole beats per minute where
     * there is room.
     */
    public static Ladder upTo(BigFraction goal) {
        BigFraction start = atLeastSlowest(wholeBelow(goal.multiply(BigFraction.of(6, 10))));
        BigFraction step = wholeBelow(goal.divide(20));
        return of(start, goal, step.signum() > 0 ? step : BigFraction.ONE);
    }

    private static BigFraction atLeastSlowest(BigFraction perMinute) {
        BigFraction slowest = BigFraction.of(Tempo.MIN);
        return perMinute.compareTo(slowest) < 0 ? slowest : perMinute;
    }

    private static BigFraction wholeBelow(BigFraction number) {
        return BigFraction.of(number.getNumerator().divide(number.getDenominator()));
    }

    /** Returns the ladder with other rules. */
    public Ladder withRules(LadderRules newRules) {
        return new Ladder(start, goal, step, newRules, pace);
    }

    /** Returns the ladder with other dates. */
    public Ladder withPace(LadderPace newPace) {
        return new Ladder(start, goal, step, rules, Optional.of(newPace));
    }

    /** Returns how many rungs there are, including the first and the last. */
    public int rungs() {
        return ExactMath.toInt(ExactMath.toLong(steps(start, goal, step))) + 1;
    }

    /**
     * Returns the tempo of a rung.
     *
     * @param number from 0, the start
     */
    public BigFraction rung(int number) {
        BigFraction even = start.add(step.multiply(number));
        return even.compareTo(goal) > 0 ? goal : even;
    }

    /** Returns the tempo of every rung, in order. */
    public List<BigFraction> tempos() {
        return IntStream.range(0, rungs()).mapToObj(this::rung).toList();
    }

    /** Returns the progress before the first rep. */
    public LadderProgress startProgress() {
        return new LadderProgress(this, 0, 0, 0, Optional.empty(), false);
    }

    /** Returns the progress after reps, in the order in which they were played. */
    public LadderProgress after(List<Rep> passes) {
        LadderProgress standing = startProgress();
        for (Rep pass : passes) {
            standing = standing.after(pass);
        }
        return standing;
    }
}
