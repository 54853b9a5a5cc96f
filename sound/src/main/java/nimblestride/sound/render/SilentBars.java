package nimblestride.sound.render;

import java.util.SplittableRandom;
import nimblestride.core.foundation.failure.InvalidValueException;

/** Decides in which bars the click is silent, so that the player keeps time alone (common practice). */
public sealed interface SilentBars {
    int MAX_BARS = 64;

    /** Never silences the click. */
    SilentBars NEVER = new Regular(0, 1);

    /**
     * Returns whether the click is silent in a bar.
     *
     * @param barsPlayed bars played before it
     */
    boolean isSilentAfter(long barsPlayed);

    /**
     * Silences the last bars of every few.
     *
     * @param bars from 0
     * @param of length of the pattern in bars, from 1 to {@value #MAX_BARS}, and more than are silent
     */
    record Regular(int bars, int of) implements SilentBars {
        /** @throws nimblestride.core.foundation.failure.InvalidValueException if a number is out of range */
        public Regular {
            if (of < 1 || of > MAX_BARS || bars < 0 || bars >= of) {
                throw new InvalidValueException("the click can be silent in fewer bars than the cycle has, up to "
                        + MAX_BARS + ", and not in " + bars + " of " + of);
            }
        }

        @Override
        public boolean isSilentAfter(long barsPlayed) {
            return barsPlayed % of >= of - bars;
        }
    }

    /**
     * Silences bars at random, but never the first.
     *
     * @param percent of the bars, from 1 to {@value #MAX_PERCENT}
     * @param seed of the random choice: the same seed silences the same bars
     */
    record AtRandom(int percent, long seed) implements SilentBars {
        /** The largest share of silent bars, in percent. */
        public static final int MAX_PERCENT = 90;

        /** @throws nimblestride.core.foundation.failure.InvalidValueException if the percentage is out of range */
        public AtRandom {
            if (percent < 1 || percent > MAX_PERCENT) {
                throw new InvalidValueException("at random, the click can be silent in 1 to " + MAX_PERCENT
                        + " % of the bars, not in " + percent + " %");
            }
        }

        @Override
        public boolean isSilentAfter(long barsPlayed) {
            return barsPlayed > 0 && new SplittableRandom(seed + barsPlayed).nextInt(100) < percent;
        }
    }
}
