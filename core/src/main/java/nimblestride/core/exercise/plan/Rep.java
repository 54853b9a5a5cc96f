package nimblestride.core.exercise.plan;

import java.time.LocalDate;
import org.apache.commons.numbers.fraction.BigFraction;

/**
 * An exercise practiced once.
 *
 * @param perMinute how fast, in beats per minute of the exercise's tempo
 * @param day on which it was played
 */
public record Rep(BigFraction perMinute, RepRating rating, LocalDate day) {}
