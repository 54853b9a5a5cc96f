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
    private final BigInteger inverse;
    private final long shortInverse;

    /**
     * @param step one or more
     * @param cycle one or more
     */
    LinearCongruence(long step, long cycle) {
        this.divisor = ArithmeticUtils.gcd(step, cycle);
        this.modulus = cycle / divisor;
        this.inverse = BigInteger.valueOf(step / divisor % modulus).modInverse(BigInteger.valueOf(modulus));
        this.shortInverse = ExactMath.toLong(inverse);
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
            return Math.floorMod(target / divisor, modulus) * shortInverse % modulus;
        }
        BigInteger k = BigInteger.valueOf(target / divisor).multiply(inverse).mod(BigInteger.valueOf(modulus));
        return ExactMath.toLong(k);
    }
}
