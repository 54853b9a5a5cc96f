package nimblestride.core.time.value;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.MathContext;
import java.math.RoundingMode;
import nimblestride.core.foundation.failure.InvalidValueException;
import org.apache.commons.numbers.fraction.BigFraction;

/**
 * A speed: a number of beats of a note value per minute, exactly.
 *
 * @param beat note value that is counted, longer than zero
 * @param perMinute beats per minute, from {@value #MIN} to {@value #MAX}
 */
public record Tempo(NoteValue beat, BigFraction perMinute) {
    /** The slowest tempo, in beats per minute. */
    public static final int MIN = 1;
    /** The fastest tempo, in beats per minute. */
    public static final int MAX = 999;

    private static final BigInteger QUARTERS_IN_A_WHOLE = BigInteger.valueOf(4);
    private static final BigInteger SECONDS_IN_A_MINUTE = BigInteger.valueOf(60);

    /** @throws InvalidValueException if the beat is zero, or the tempo is out of range */
    public Tempo {
        if (beat.isZero()) {
            throw new InvalidValueException("a tempo needs a note longer than zero");
        }
        if (perMinute.compareTo(BigFraction.of(MIN)) < 0 || perMinute.compareTo(BigFraction.of(MAX)) > 0) {
            throw new InvalidValueException(
                    "tempos run from " + MIN + " to " + MAX + " BPM, not " + decimal(perMinute));
        }
    }

    /**
     * Returns a tempo in quarter notes per minute.
     *
     * @throws InvalidValueException if it is out of range
     */
    public static Tempo ofQuarters(long perMinute) {
        return new Tempo(NoteValue.QUARTER, BigFraction.of(perMinute));
    }

    /** Returns the same speed in quarter notes per minute, exactly. */
    public BigFraction quartersPerMinute() {
        return perMinute.multiply(beat.fraction()).multiply(QUARTERS_IN_A_WHOLE);
    }

    /**
     * Returns the same speed in another beat per minute.
     *
     * @param other longer than zero
     */
    public BigFraction perMinuteIn(NoteValue other) {
        return quartersPerMinute().divide(other.fraction().multiply(QUARTERS_IN_A_WHOLE));
    }

    /** Returns how long a length of musical time lasts, in seconds, exactly. */
    public BigFraction seconds(NoteValue length) {
        return length.fraction()
                .multiply(QUARTERS_IN_A_WHOLE)
                .multiply(SECONDS_IN_A_MINUTE)
                .divide(quartersPerMinute());
    }

    /** Returns the tempo as a user types it, in lowest terms: {@code 96}, {@code 289/3}, {@code 1/8=210}. */
    /** Returns it as players say it, with its note: {@code 232 BPM (eighths)}. */
    public String spoken() {
        return decimal(perMinute) + " BPM (" + NoteName.sayMany(beat) + ")";
    }

    @Override
    public String toString() {
        String number = perMinute.getDenominator().equals(BigInteger.ONE)
                ? perMinute.getNumerator().toString()
                : perMinute.getNumerator() + "/" + perMinute.getDenominator();
        return beat.equals(NoteValue.QUARTER) ? number : beat + "=" + number;
    }

    /** Returns a number as a musician reads it: whole, or with three decimals at most. */
    public static String decimal(BigFraction number) {
        BigDecimal exact = new BigDecimal(number.getNumerator())
                .divide(new BigDecimal(number.getDenominator()), MathContext.DECIMAL64);
        return exact.setScale(3, RoundingMode.HALF_EVEN).stripTrailingZeros().toPlainString();
    }
}
