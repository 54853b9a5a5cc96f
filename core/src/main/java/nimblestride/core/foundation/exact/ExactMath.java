package nimblestride.core.foundation.exact;

import java.math.BigInteger;
import org.apache.commons.numbers.core.ArithmeticUtils;

/** Adds, subtracts, and multiplies whole numbers, and throws {@link ExactOverflowException} instead of wrapping around. */
public final class ExactMath {
    private ExactMath() {}

    /**
     * Adds two numbers.
     *
     * @throws ExactOverflowException if the sum does not fit a {@code long}
     */
    public static long add(long one, long other) {
        long sum = one + other;
        if (((one ^ sum) & (other ^ sum)) < 0) {
            throw tooLarge();
        }
        return sum;
    }

    /**
     * Adds two numbers.
     *
     * @throws ExactOverflowException if the sum does not fit an {@code int}
     */
    public static int add(int one, int other) {
        return toInt((long) one + other);
    }

    /**
     * Subtracts the second number from the first.
     *
     * @throws ExactOverflowException if the difference does not fit a {@code long}
     */
    public static long subtract(long from, long what) {
        long difference = from - what;
        if (((from ^ what) & (from ^ difference)) < 0) {
            throw tooLarge();
        }
        return difference;
    }

    /**
     * Multiplies two numbers.
     *
     * @throws ExactOverflowException if the product does not fit a {@code long}
     */
    public static long multiply(long one, long other) {
        long product = one * other;
        if (product >> 63 != Math.multiplyHigh(one, other)) {
            throw tooLarge();
        }
        return product;
    }

    /**
     * Multiplies two numbers.
     *
     * @throws ExactOverflowException if the product does not fit an {@code int}
     */
    public static int multiply(int one, int other) {
        return toInt((long) one * other);
    }

    /**
     * Returns the least common multiple of two numbers, each 1 or more.
     *
     * @throws ExactOverflowException if it does not fit a {@code long}
     */
    public static long lcm(long one, long other) {
        return multiply(one / ArithmeticUtils.gcd(one, other), other);
    }

    /**
     * Returns the least common multiple of two numbers, each 1 or more.
     *
     * @throws ExactOverflowException if it does not fit an {@code int}
     */
    public static int lcm(int one, int other) {
        return toInt(lcm((long) one, (long) other));
    }

    /**
     * Narrows a number.
     *
     * @throws ExactOverflowException if it does not fit an {@code int}
     */
    public static int toInt(long number) {
        if ((int) number != number) {
            throw tooLarge();
        }
        return (int) number;
    }

    /**
     * Narrows a number.
     *
     * @throws ExactOverflowException if it does not fit a {@code long}
     */
    public static long toLong(BigInteger number) {
        if (number.bitLength() > 63) {
            throw tooLarge();
        }
        return number.longValue();
    }

    private static ExactOverflowException tooLarge() {
        return new ExactOverflowException(
                "these numbers are too large to count exactly; try shorter or simpler values");
    }
}
