package nimblestride.core.layer.alignment;

import java.math.BigInteger;
import java.util.OptionalLong;
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
     * Returns the smallest solution from 0 up; empty if there is none.
     *
     * @param target may be negative
     */
    OptionalLong solve(long target) {
        if (target % divisor != 0) {
            return OptionalLong.empty();
        }
        if (modulus <= SMALL) {
            return OptionalLong.of(Math.floorMod(target / divisor, modulus) * shortInverse % modulus);
        }
        BigInteger k = BigInteger.valueOf(target / divisor).multiply(inverse).mod(BigInteger.valueOf(modulus));
        return OptionalLong.of(ExactMath.toLong(k));
    }
}
