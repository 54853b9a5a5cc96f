package nimblestride.core.kit.variation;

import java.math.BigInteger;
import java.util.Locale;
import java.util.Random;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.kit.sticking.Sticking;

/** Ways to play a sticking with one part of it kept and another changing. */
public interface StickingVariations {
    /** The order in which they are dealt. */
    enum Order {
        EASIEST_FIRST("easiest first"),
        IN_ORDER("in order"),
        AT_RANDOM("at random");

        private final String title;

        Order(String title) {
            this.title = title;
        }

        /** Its name for people. */
        public String title() {
            return title;
        }
    }

    /** How many there are, exactly. */
    BigInteger count();

    /** The one with this number, from 0, in the order of the choices. */
    Sticking inOrder(BigInteger number);

    /** The one with this number, from 0, the easiest first. */
    Sticking easiestFirst(BigInteger number);

    /**
     * The one with this number in some order.
     *
     * @param number from 0 up to the count, that left out
     * @param seed by which they are shuffled at random: the same number and seed give the same one
     */
    default Sticking deal(Order order, BigInteger number, long seed) {
        if (number.signum() < 0 || number.compareTo(count()) >= 0) {
            throw new InvalidValueException(String.format(
                    Locale.ROOT, "there are %,d ways, numbered from 0, and none has the number %,d", count(), number));
        }
        return switch (order) {
            case EASIEST_FIRST -> easiestFirst(number);
            case IN_ORDER -> inOrder(number);
            case AT_RANDOM ->
                inOrder(ShuffledOrder.of(count(), new Random(seed)).apply(number));
        };
    }
}
