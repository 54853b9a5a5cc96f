package nimblestride.core.time.value;

import java.math.BigInteger;
import java.util.Objects;
import nimblestride.core.foundation.exact.ExactOverflowException;
import nimblestride.core.foundation.failure.InvalidValueException;
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

    /** Whole numbers of so many bits are exact as doubles. */
    private static final int DOUBLE_BITS = 53;

    private final BigFraction fraction;

    private NoteValue(BigFraction fraction) {
        this.fraction = fraction;
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
        return new NoteValue(BigFraction.of(numerator, denominator));
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
        return new NoteValue(fraction);
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
        return fraction.getNumerator().longValueExact();
    }

    /** Returns the denominator, in lowest terms. */
    public long denominator() {
        return fraction.getDenominator().longValueExact();
    }

    /** Returns the value as an exact fraction of a whole note, for sums that leave the range of this type. */
    public BigFraction fraction() {
        return fraction;
    }

    /** Returns the nearest {@code double}, in whole notes. Use it for drawing only. */
    public double toDouble() {
        BigInteger above = fraction.getNumerator();
        BigInteger below = fraction.getDenominator();
        boolean exact = above.bitLength() <= DOUBLE_BITS && below.bitLength() <= DOUBLE_BITS;
        return exact ? above.doubleValue() / below.doubleValue() : fraction.doubleValue();
    }

    /** Returns whether the value is zero. */
    public boolean isZero() {
        return fraction.signum() == 0;
    }

    /**
     * Returns the sum of this value and another.
     *
     * @throws ExactOverflowException if the sum does not fit this type
     */
    public NoteValue plus(NoteValue other) {
        return of(fraction.add(other.fraction));
    }

    /**
     * Returns this value less another.
     *
     * @throws InvalidValueException if the other value is longer
     * @throws ExactOverflowException if the difference does not fit this type
     */
    public NoteValue minus(NoteValue other) {
        return of(fraction.subtract(other.fraction));
    }

    /**
     * Returns a multiple of this value.
     *
     * @param times zero or more
     * @throws InvalidValueException if {@code times} is negative
     * @throws ExactOverflowException if the product does not fit this type
     */
    public NoteValue times(long times) {
        return of(fraction.multiply(times));
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
        return of(fraction.divide(parts));
    }

    /**
     * Returns how many whole times a part fits into this value.
     *
     * @param part longer than zero
     * @throws ExactOverflowException if the number does not fit a {@code long}
     */
    public long wholePartsOf(NoteValue part) {
        requireLonger(part);
        BigInteger whole = over(part).divide(part.over(this));
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
        BigInteger left = over(cycle).mod(cycle.over(this));
        return of(BigFraction.of(left, fraction.getDenominator().multiply(cycle.fraction.getDenominator())));
    }

    /** Returns the numerator of this value over the product of both denominators. */
    private BigInteger over(NoteValue other) {
        return fraction.getNumerator().multiply(other.fraction.getDenominator());
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
        BigInteger top = lcm(fraction.getNumerator(), other.fraction.getNumerator());
        BigInteger bottom = fraction.getDenominator().gcd(other.fraction.getDenominator());
        return of(BigFraction.of(top, bottom));
    }

    /** Returns the longest length that divides this value and another, both longer than zero, into whole numbers. */
    public NoteValue greatestCommonDivisor(NoteValue other) {
        requireLonger(this);
        requireLonger(other);
        BigInteger top = fraction.getNumerator().gcd(other.fraction.getNumerator());
        BigInteger bottom = lcm(fraction.getDenominator(), other.fraction.getDenominator());
        return of(BigFraction.of(top, bottom));
    }

    private static BigInteger lcm(BigInteger a, BigInteger b) {
        return a.divide(a.gcd(b)).multiply(b);
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
        return fraction.compareTo(other.fraction);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof NoteValue that && fraction.equals(that.fraction);
    }

    @Override
    public int hashCode() {
        return Objects.hash(fraction.getNumerator(), fraction.getDenominator());
    }

    /** Returns the value in lowest terms: {@code 33/8}, {@code 2}, {@code 0}. */
    @Override
    public String toString() {
        return fraction.getDenominator().equals(BigInteger.ONE)
                ? fraction.getNumerator().toString()
                : fraction.getNumerator() + "/" + fraction.getDenominator();
    }
}
