package nimblestride.core.layer.pattern;

import java.util.List;
import java.util.Locale;
import nimblestride.core.foundation.failure.InvalidValueException;

/** Where a layer begins again from its offset. */
public sealed interface Reset {
    /** It runs on across every bar line. */
    Reset NEVER = Usual.NEVER;

    /** It begins again in each bar. */
    Reset BAR = Usual.BAR;

    /** It begins again each time the phrase does. */
    Reset PHRASE = Usual.PHRASE;

    /** The usual ones. */
    enum Usual implements Reset {
        NEVER,
        BAR,
        PHRASE
    }

    /**
     * It begins again with the phrase and with these bars of it, each time round. Bars that the phrase does not have make
     * no difference.
     *
     * @param bars their numbers, from 0, in order, each once; at most {@value #MAX_BARS}
     */
    record AtBars(List<Integer> bars) implements Reset {
        public static final int MAX_BARS = 1_000;

        public AtBars {
            bars = bars.stream().distinct().sorted().toList();
            if (bars.isEmpty() || bars.size() > MAX_BARS) {
                throw new InvalidValueException(
                        String.format(Locale.ROOT, "a layer begins again at 1 to %,d chosen bars", MAX_BARS));
            }
            if (bars.get(0) < 0) {
                throw new InvalidValueException("bars are counted from 1");
            }
        }
    }
}
