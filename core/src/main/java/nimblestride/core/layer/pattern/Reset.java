package nimblestride.core.layer.pattern;

import java.util.List;
import java.util.Locale;
import nimblestride.core.foundation.failure.InvalidValueException;

/** Where a layer starts over from its offset. */
public sealed interface Reset {
    /** It never starts over, but runs on across every bar line. */
    Reset NEVER = Usual.NEVER;

    /** It starts over in each bar. */
    Reset BAR = Usual.BAR;

    /** It starts over each time the phrase does. */
    Reset PHRASE = Usual.PHRASE;

    /** The common resets. */
    enum Usual implements Reset {
        NEVER,
        BAR,
        PHRASE
    }

    /**
     * It starts over with the phrase and with some of its bars, each time round. Bars the phrase does not have make no
     * difference.
     *
     * @param bars numbers from 0, in order, each once; at most {@value #MAX_BARS}
     */
    record AtBars(List<Integer> bars) implements Reset {
        /** The most bars in a list. */
        public static final int MAX_BARS = 1_000;

        /** @throws InvalidValueException if there are too many bars, or a number is negative */
        public AtBars {
            bars = bars.stream().distinct().sorted().toList();
            if (bars.isEmpty() || bars.size() > MAX_BARS) {
                throw new InvalidValueException(
                        String.format(Locale.ROOT, "a layer resets at 1 to %,d bars of your choice", MAX_BARS));
            }
            if (bars.get(0) < 0) {
                throw new InvalidValueException("bars are counted from 1");
            }
        }
    }
}
