package nimblestride.core.layer.alignment;

import java.math.BigInteger;
import nimblestride.core.foundation.exact.ExactMath;
import org.apache.commons.numbers.core.ArithmeticUtils;

/**
 * Solves the linear congruence that realignment comes down to: which k satisfy {@code k * step ≡ target (mod cycle)}?
 * There is a solution if gcd(step, cycle) divides the target, and then one in every cycle/gcd (Chinese remainder
 * theorem).
 */
final class LinearCongruence {
    /** Products of two numbers below this fit a long. */
    private static final long SMALL = Integer.MAX_VALUE;

    private final long divisor;
    private final long modulus;
    private final long inverse;

    /**
     * @param step one or more
     * @param cycle one or more
     */
    LinearCongruence(long step, long cycle) {
        this.divisor = ArithmeticUtils.gcd(step, cycle);
        this.modulus = cycle / divisor;
        this.inverse = inverse(step / divisor % modulus, modulus);
    }

    /**
     * Returns the inverse of a number modulo one that it shares no divisor with (extended Euclidean algorithm). No step
     * grows beyond the modulus, so long numbers hold them all; where all layers coincide, there are hundreds to find.
     */
    private static long inverse(long number, long modulus) {
        long before = modulus;
        long rest = number;
        long factorBefore = 0;
        long factor = 1;
        while (rest > 1) {
            long times = before / rest;
            long next = before - times * rest;
            before = rest;
            rest = next;
            long nextFactor = factorBefore - times * factor;
            factorBefore = factor;
            factor = nextFactor;
        }
        return Math.floorMod(factor, modulus);
    }

    /** Returns the greatest common divisor of step and cycle. */
    long divisor() {
        return divisor;
    }

    /**
     * Returns the smallest solution from 0 up. Hits that can meet are looked for first ({@link ResidueClasses}), so
     * there always is one.
     *
     * @param target may be negative
     * @throws IllegalArgumentException if there is no solution
     */
    long solve(long target) {
        if (target % divisor != 0) {
            throw new IllegalArgumentException(divisor + " does not divide " + target);
        }
        if (modulus <= SMALL) {
            return Math.floorMod(target / divisor, modulus) * inverse % modulus;
        }
        BigInteger k = BigInteger.valueOf(target / divisor)
                .multiply(BigInteger.valueOf(inverse))
                .mod(BigInteger.valueOf(modulus));
        return ExactMath.toLong(k);
    }
}
