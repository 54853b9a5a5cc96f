package nimblestride.core.foundation.exact;

import java.math.BigInteger;
import org.apache.commons.numbers.core.ArithmeticUtils;

/** Adds, subtracts, and multiplies whole numbers, and throws {@link ExactOverflowException} instead of wrapping around. */
public final class ExactMath {
    private ExactMath() {}

    /** Adds. @throws ExactOverflowException if the sum is no {@code long} */
    public static long add(long one, long other) {
        long sum = one + other;
        if (((one ^ sum) & (other ^ sum)) < 0) {
            throw tooLarge();
        }
        return sum;
    }

    /** Adds. @throws ExactOverflowException if the sum is no {@code int} */
    public static int add(int one, int other) {
        return toInt((long) one + other);
    }

    /** Subtracts. @throws ExactOverflowException if the difference is no {@code long} */
    public static long subtract(long from, long what) {
        long difference = from - what;
        if (((from ^ what) & (from ^ difference)) < 0) {
            throw tooLarge();
        }
        return difference;
    }

    /** Multiplies. @throws ExactOverflowException if the product is no {@code long} */
    public static long multiply(long one, long other) {
        long product = one * other;
        if (product >> 63 != Math.multiplyHigh(one, other)) {
            throw tooLarge();
        }
        return product;
    }

    /** Multiplies. @throws ExactOverflowException if the product is no {@code int} */
    public static int multiply(int one, int other) {
        return toInt((long) one * other);
    }

    /**
     * Returns the least common multiple of two numbers from 1.
     *
     * @throws ExactOverflowException if it is no {@code long}
     */
    public static long lcm(long one, long other) {
        return multiply(one / ArithmeticUtils.gcd(one, other), other);
    }

    /** Returns the least common multiple of two numbers from 1. @throws ExactOverflowException if it is no {@code int} */
    public static int lcm(int one, int other) {
        return toInt(lcm((long) one, (long) other));
    }

    /** Narrows. @throws ExactOverflowException if the number is no {@code int} */
    public static int toInt(long number) {
        if ((int) number != number) {
            throw tooLarge();
        }
        return (int) number;
    }

    /** Narrows. @throws ExactOverflowException if the number is no {@code long} */
    public static long toLong(BigInteger number) {
        if (number.bitLength() > 63) {
            throw tooLarge();
        }
        return number.longValue();
    }

    private static ExactOverflowException tooLarge() {
        return new ExactOverflowException(
                "these numbers grow too large to count exactly; shorter or rounder values work");
    }
}
