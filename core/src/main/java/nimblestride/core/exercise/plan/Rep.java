package nimblestride.core.exercise.plan;

import org.apache.commons.numbers.fraction.BigFraction;

/**
 * An exercise once practised.
 *
 * @param perMinute how fast, in the beats of the exercise's tempo
 */
public record Rep(BigFraction perMinute, RepRating rating) {}
