package nimblestride.core.kit.variation;

import java.math.BigInteger;
import java.util.Locale;
import java.util.Random;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.kit.sticking.Sticking;

/** Every variation of a sticking: one part is kept, and another changes. */
public interface StickingVariations {
    /** The order in which variations come. */
    enum Order {
        EASIEST_FIRST("easiest first"),
        IN_ORDER("in order"),
        AT_RANDOM("at random");

        private final String title;

        Order(String title) {
            this.title = title;
        }

        /** Returns its name for people. */
        public String title() {
            return title;
        }
    }

    /** Returns how many there are, exactly. */
    BigInteger count();

    /**
     * Returns the variation with a number, in the order of the choices.
     *
     * @param number from 0
     */
    Sticking inOrder(BigInteger number);

    /**
     * Returns the variation with a number, easiest first.
     *
     * @param number from 0
     */
    Sticking easiestFirst(BigInteger number);

    /** Returns how hard a variation is, and why. */
    Difficulty difficulty(Sticking variation);

    /**
     * Returns the variation with a number in some order.
     *
     * @param number from 0 up to the count, which is excluded
     * @param seed of the random order; the same number and seed give the same variation
     */
    default Sticking deal(Order order, BigInteger number, long seed) {
        if (number.signum() < 0 || number.compareTo(count()) >= 0) {
            throw new InvalidValueException(String.format(
                    Locale.ROOT, "there are %,d variations, numbered from 0; there is no number %,d", count(), number));
        }
        return switch (order) {
            case EASIEST_FIRST -> easiestFirst(number);
            case IN_ORDER -> inOrder(number);
            case AT_RANDOM ->
                inOrder(ShuffledOrder.of(count(), new Random(seed)).apply(number));
        };
    }
}
