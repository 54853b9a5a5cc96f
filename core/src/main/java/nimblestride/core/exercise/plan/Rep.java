package nimblestride.core.exercise.plan;

import org.apache.commons.numbers.fraction.BigFraction;

/**
 * An exercise practiced once.
 *
 * @param perMinute how fast, in beats per minute of the exercise's tempo
 */
public record Rep(BigFraction perMinute, RepRating rating) {}
