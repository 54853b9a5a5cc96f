package nimblestride.sound.render;

import java.util.SplittableRandom;
import nimblestride.core.foundation.failure.InvalidValueException;

/** In which bars the click keeps silent. Silence asks the player to keep time alone (common practice). */
public sealed interface SilentBars {
    int MAX_BARS = 64;

    /** It never keeps silent. */
    SilentBars NEVER = new Regular(0, 1);

    /** Whether it keeps silent in a bar, after so many bars played. */
    boolean isSilentAfter(long barsPlayed);

    /**
     * In the last bars of every so many.
     *
     * @param bars from 0
     * @param of from 1 to {@value #MAX_BARS}, more than are silent
     */
    record Regular(int bars, int of) implements SilentBars {
        public Regular {
            if (of < 1 || of > MAX_BARS || bars < 0 || bars >= of) {
                throw new InvalidValueException("the click keeps silent in fewer bars than there are, of 1 to "
                        + MAX_BARS + ", and not in " + bars + " of " + of);
            }
        }

        @Override
        public boolean isSilentAfter(long barsPlayed) {
            return barsPlayed % of >= of - bars;
        }
    }

    /**
     * By chance, and never in the first bar.
     *
     * @param percent of the bars, from 1 to {@value #MAX_PERCENT}
     * @param seed of the chance: the same one keeps silent in the same bars
     */
    record AtRandom(int percent, long seed) implements SilentBars {
        public static final int MAX_PERCENT = 90;

        public AtRandom {
            if (percent < 1 || percent > MAX_PERCENT) {
                throw new InvalidValueException("by chance the click keeps silent in 1 to " + MAX_PERCENT
                        + " % of the bars, not in " + percent + " %");
            }
        }

        @Override
        public boolean isSilentAfter(long barsPlayed) {
            return barsPlayed > 0 && new SplittableRandom(seed + barsPlayed).nextInt(100) < percent;
        }
    }
}
