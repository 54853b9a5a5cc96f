package nimblestride.core.time.value;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.MathContext;
import java.math.RoundingMode;
import nimblestride.core.foundation.failure.InvalidValueException;
import org.apache.commons.numbers.fraction.BigFraction;

/**
 * How fast: so many beats of a given note value a minute, exactly.
 *
 * @param beat the note value that is counted, longer than zero
 * @param perMinute how many of them fill a minute, {@value #MIN} to {@value #MAX}
 */
public record Tempo(NoteValue beat, BigFraction perMinute) {
    public static final int MIN = 1;
    public static final int MAX = 999;

    private static final BigInteger QUARTERS_IN_A_WHOLE = BigInteger.valueOf(4);
    private static final BigInteger SECONDS_IN_A_MINUTE = BigInteger.valueOf(60);

    public Tempo {
        if (beat.isZero()) {
            throw new InvalidValueException("a tempo counts a note value longer than zero");
        }
        if (perMinute.compareTo(BigFraction.of(MIN)) < 0 || perMinute.compareTo(BigFraction.of(MAX)) > 0) {
            throw new InvalidValueException(
                    "a tempo is from " + MIN + " to " + MAX + " beats a minute, not " + decimal(perMinute));
        }
    }

    /** So many quarter notes a minute. */
    public static Tempo ofQuarters(long perMinute) {
        return new Tempo(NoteValue.QUARTER, BigFraction.of(perMinute));
    }

    /** The same speed counted in quarter notes. */
    public BigFraction quartersPerMinute() {
        return perMinute.multiply(beat.fraction()).multiply(QUARTERS_IN_A_WHOLE);
    }

    /** The same speed counted in another beat, longer than zero. */
    public BigFraction perMinuteIn(NoteValue other) {
        return quartersPerMinute().divide(other.fraction().multiply(QUARTERS_IN_A_WHOLE));
    }

    /** How long a length of musical time lasts, in seconds, exactly. */
    public BigFraction seconds(NoteValue length) {
        return length.fraction()
                .multiply(QUARTERS_IN_A_WHOLE)
                .multiply(SECONDS_IN_A_MINUTE)
                .divide(quartersPerMinute());
    }

    /** {@code 96}, {@code 289/3}, {@code 1/8=210}: as the tempo is typed, in lowest terms. */
    @Override
    public String toString() {
        String number = perMinute.getDenominator().equals(BigInteger.ONE)
                ? perMinute.getNumerator().toString()
                : perMinute.getNumerator() + "/" + perMinute.getDenominator();
        return beat.equals(NoteValue.QUARTER) ? number : beat + "=" + number;
    }

    /** An exact number as a musician reads it: whole, or to three decimals at the most. */
    public static String decimal(BigFraction number) {
        BigDecimal exact = new BigDecimal(number.getNumerator())
                .divide(new BigDecimal(number.getDenominator()), MathContext.DECIMAL64);
        return exact.setScale(3, RoundingMode.HALF_EVEN).stripTrailingZeros().toPlainString();
    }
}
