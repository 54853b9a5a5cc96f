package nimblestride.core.time.value;

import java.math.BigInteger;
import nimblestride.core.foundation.exact.ExactMath;
import nimblestride.core.foundation.exact.ExactOverflowException;
import nimblestride.core.foundation.failure.InvalidValueException;
import org.apache.commons.numbers.core.ArithmeticUtils;
import org.apache.commons.numbers.fraction.BigFraction;

/**
 * A length of musical time, or a moment counted from some start: an exact fraction of a whole note, zero or longer.
 *
 * <p>Numerator and denominator are in lowest terms, and each fits a {@code long}. A result that does not fit is an
 * {@link ExactOverflowException}, never a rounded value. For fractions in lowest terms, lcm(a/b, c/d) = lcm(a, c) /
 * gcd(b, d).
 */
public final class NoteValue implements Comparable<NoteValue> {
    /** No time at all. */
    public static final NoteValue ZERO = of(0, 1);
    /** A whole note, the unit all values are fractions of. */
    public static final NoteValue WHOLE = of(1, 1);
    /** A half note. */
    public static final NoteValue HALF = of(1, 2);
    /** A quarter note. */
    public static final NoteValue QUARTER = of(1, 4);
    /** An eighth note. */
    public static final NoteValue EIGHTH = of(1, 8);
    /** A sixteenth note. */
    public static final NoteValue SIXTEENTH = of(1, 16);

    private static final int LONG_BITS = Long.SIZE - 1;

    /** Numbers up to this can be multiplied, and two products added, within a {@code long}. */
    private static final long SMALL = Integer.MAX_VALUE;

    /** Whole numbers up to this are exact as doubles. */
    private static final long EXACT_DOUBLE = 1L << 53;

    private final long numerator;
    private final long denominator;

    private NoteValue(long numerator, long denominator) {
        this.numerator = numerator;
        this.denominator = denominator;
    }

    /**
     * Returns a fraction of a whole note.
     *
     * @param numerator zero or more
     * @param denominator one or more
     * @throws InvalidValueException if the numerator is negative or the denominator is not positive
     */
    public static NoteValue of(long numerator, long denominator) {
        if (numerator < 0) {
            throw new InvalidValueException("a note value can't be negative: " + numerator + "/" + denominator);
        }
        if (denominator < 1) {
            throw new InvalidValueException(
                    "the bottom number must be 1 or more, not " + numerator + "/" + denominator);
        }
        return reduced(numerator, denominator);
    }

    private static NoteValue reduced(long numerator, long denominator) {
        long divisor = ArithmeticUtils.gcd(numerator, denominator);
        return new NoteValue(numerator / divisor, denominator / divisor);
    }

    /**
     * Returns the value of an exact fraction of a whole note.
     *
     * @throws InvalidValueException if it is negative
     * @throws ExactOverflowException if its numerator or denominator does not fit a {@code long}
     */
    public static NoteValue of(BigFraction fraction) {
        if (fraction.signum() < 0) {
            throw new InvalidValueException("a note value can't be negative: " + fraction);
        }
        if (fraction.getNumerator().bitLength() > LONG_BITS
                || fraction.getDenominator().bitLength() > LONG_BITS) {
            throw new ExactOverflowException("a length of " + abridged(fraction.getNumerator()) + "/"
                    + abridged(fraction.getDenominator())
                    + " is too large to count exactly (numbers up to 9,223,372,036,854,775,807)");
        }
        return new NoteValue(
                fraction.getNumerator().longValueExact(),
                fraction.getDenominator().longValueExact());
    }

    /**
     * Parses what {@link #toString} returns: {@code 3/16}, {@code 2}, or {@code 0}.
     *
     * @throws InvalidValueException if the text is anything else
     */
    public static NoteValue parse(String text) {
        String[] parts = text.strip().split("/", -1);
        if (parts.length > 2) {
            throw new InvalidValueException("type a note value such as 3/16, not \"" + shortened(text) + "\"");
        }
        try {
            return of(Long.parseLong(parts[0]), parts.length == 2 ? Long.parseLong(parts[1]) : 1);
        } catch (NumberFormatException e) {
            throw new InvalidValueException("type a note value such as 3/16, not \"" + shortened(text) + "\"", e);
        }
    }

    private static String shortened(String text) {
        return text.length() <= 40 ? text : text.substring(0, 40) + "…";
    }

    /** Returns the numerator, in lowest terms. */
    public long numerator() {
        return numerator;
    }

    /** Returns the denominator, in lowest terms. */
    public long denominator() {
        return denominator;
    }

    /** Returns the value as an exact fraction of a whole note, for sums that leave the range of this type. */
    public BigFraction fraction() {
        return BigFraction.of(numerator, denominator);
    }

    /** Returns whether sums and products of this value and another need no more than a {@code long}. */
    private boolean isSmallBeside(NoteValue other) {
        return numerator <= SMALL && denominator <= SMALL && other.numerator <= SMALL && other.denominator <= SMALL;
    }

    /** Returns the nearest {@code double}, in whole notes. Use it for drawing only. */
    public double toDouble() {
        return numerator <= EXACT_DOUBLE && denominator <= EXACT_DOUBLE
                ? (double) numerator / (double) denominator
                : fraction().doubleValue();
    }

    /** Returns whether the value is zero. */
    public boolean isZero() {
        return numerator == 0;
    }

    /**
     * Returns the sum of this value and another.
     *
     * @throws ExactOverflowException if the sum does not fit this type
     */
    public NoteValue plus(NoteValue other) {
        return isSmallBeside(other)
                ? reduced(over(other) + other.over(this), denominator * other.denominator)
                : of(fraction().add(other.fraction()));
    }

    /**
     * Returns this value less another.
     *
     * @throws InvalidValueException if the other value is longer
     * @throws ExactOverflowException if the difference does not fit this type
     */
    public NoteValue minus(NoteValue other) {
        if (compareTo(other) < 0) {
            throw new InvalidValueException("a note value can't be negative: " + this + " less " + other);
        }
        return isSmallBeside(other)
                ? reduced(over(other) - other.over(this), denominator * other.denominator)
                : of(fraction().subtract(other.fraction()));
    }

    /**
     * Returns a multiple of this value.
     *
     * @param times zero or more
     * @throws InvalidValueException if {@code times} is negative
     * @throws ExactOverflowException if the product does not fit this type
     */
    public NoteValue times(long times) {
        return numerator <= SMALL && times >= 0 && times <= SMALL
                ? of(numerator * times, denominator)
                : of(fraction().multiply(times));
    }

    /**
     * Returns an equal part of this value.
     *
     * @param parts one or more
     * @throws InvalidValueException if {@code parts} is less than one
     * @throws ExactOverflowException if the part does not fit this type
     */
    public NoteValue dividedBy(long parts) {
        if (parts < 1) {
            throw new InvalidValueException("divide a note value by 1 or more, not " + parts);
        }
        return denominator <= SMALL && parts <= SMALL
                ? reduced(numerator, denominator * parts)
                : of(fraction().divide(parts));
    }

    /**
     * Returns how many whole times a part fits into this value.
     *
     * @param part longer than zero
     * @throws ExactOverflowException if the number does not fit a {@code long}
     */
    public long wholePartsOf(NoteValue part) {
        requireLonger(part);
        if (isSmallBeside(part)) {
            return over(part) / part.over(this);
        }
        BigInteger whole = bigOver(part).divide(part.bigOver(this));
        if (whole.bitLength() > LONG_BITS) {
            throw new ExactOverflowException(
                    this + " holds " + abridged(whole) + " times " + part + ", too many to count exactly");
        }
        return whole.longValueExact();
    }

    /**
     * Returns what is left of this value after as many whole cycles as fit.
     *
     * @param cycle longer than zero
     * @throws ExactOverflowException if the remainder does not fit this type
     */
    public NoteValue remainder(NoteValue cycle) {
        requireLonger(cycle);
        if (isSmallBeside(cycle)) {
            return reduced(over(cycle) % cycle.over(this), denominator * cycle.denominator);
        }
        BigInteger left = bigOver(cycle).mod(cycle.bigOver(this));
        return of(
                BigFraction.of(left, BigInteger.valueOf(denominator).multiply(BigInteger.valueOf(cycle.denominator))));
    }

    /** Returns the numerator of this value over the product of both denominators, for small values. */
    private long over(NoteValue other) {
        return numerator * other.denominator;
    }

    /** Returns the same for values of any size. */
    private BigInteger bigOver(NoteValue other) {
        return BigInteger.valueOf(numerator).multiply(BigInteger.valueOf(other.denominator));
    }

    /**
     * Returns whether this value is a whole number of parts.
     *
     * @param part longer than zero
     */
    public boolean isMultipleOf(NoteValue part) {
        return remainder(part).isZero();
    }

    /**
     * Returns the shortest length that is a whole number of this value and of another, both longer than zero.
     *
     * @throws ExactOverflowException if it does not fit this type
     */
    public NoteValue leastCommonMultiple(NoteValue other) {
        requireLonger(this);
        requireLonger(other);
        return new NoteValue(
                ExactMath.lcm(numerator, other.numerator), ArithmeticUtils.gcd(denominator, other.denominator));
    }

    /** Returns the longest length that divides this value and another, both longer than zero, into whole numbers. */
    public NoteValue greatestCommonDivisor(NoteValue other) {
        requireLonger(this);
        requireLonger(other);
        return new NoteValue(
                ArithmeticUtils.gcd(numerator, other.numerator), ExactMath.lcm(denominator, other.denominator));
    }

    private static void requireLonger(NoteValue value) {
        if (value.isZero()) {
            throw new InvalidValueException("a length of zero never repeats; try a value such as 3/16");
        }
    }

    private static String abridged(BigInteger number) {
        String digits = number.toString();
        return digits.length() <= 24 ? digits : digits.substring(0, 6) + "… (" + digits.length() + " digits)";
    }

    @Override
    public int compareTo(NoteValue other) {
        return isSmallBeside(other)
                ? Long.compare(over(other), other.over(this))
                : bigOver(other).compareTo(other.bigOver(this));
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof NoteValue that && numerator == that.numerator && denominator == that.denominator;
    }

    @Override
    public int hashCode() {
        return 31 * Long.hashCode(numerator) + Long.hashCode(denominator);
    }

    /** Returns the value in lowest terms: {@code 33/8}, {@code 2}, {@code 0}. */
    @Override
    public String toString() {
        return denominator == 1 ? Long.toString(numerator) : numerator + "/" + denominator;
    }
}
