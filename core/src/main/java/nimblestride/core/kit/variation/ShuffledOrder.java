package nimblestride.core.kit.variation;

import java.math.BigInteger;
import java.util.Random;

/**
 * An order of all numbers below a count that looks random and comes to each just once, however many there are: steps
 * of a length that has no divisor in common with the count (arithmetic).
 */
record ShuffledOrder(BigInteger count, BigInteger first, BigInteger step) {
    static ShuffledOrder of(BigInteger count, Random random) {
        BigInteger step;
        do {
            step = new BigInteger(count.bitLength() + 1, random).mod(count).max(BigInteger.ONE);
        } while (!step.gcd(count).equals(BigInteger.ONE));
        return new ShuffledOrder(count, new BigInteger(count.bitLength() + 1, random).mod(count), step);
    }

    BigInteger apply(BigInteger number) {
        return first.add(number.multiply(step)).mod(count);
    }
}
