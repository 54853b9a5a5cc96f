package nimblestride.core.practice.timing;

/**
 * What is ordinary for people who play along, so that nobody is scolded for being human. Trained players come up to
 * about 30 ms before a click, and spread by about 2 % of the gap where 4 % is ordinary (B. H. Repp, "Sensorimotor
 * synchronization: A review of the tapping literature", Psychonomic Bulletin & Review 12, 2005; B. H. Repp and Y.-H. Su,
 * "Sensorimotor synchronization: A review of recent research (2006-2012)", ibid. 20, 2013). The ear catches a shift from
 * about 6 ms for gaps below 240 ms, and from 2.5 % of the gap above that (A. Friberg and J. Sundberg, "Time
 * discrimination in a monotonic, isochronous sequence", Journal of the Acoustical Society of America 98, 1995).
 */
public final class TypicalTiming {
    /** Playing this much before the click, in milliseconds, is ordinary. */
    public static final double EARLY = 30;

    private static final double SPREAD_OF_THE_GAP = 0.04;
    private static final double TRAINED_SPREAD_OF_THE_GAP = 0.02;
    private static final double MIN_AUDIBLE = 6;
    private static final double AUDIBLE_OF_THE_GAP = 0.025;

    private TypicalTiming() {}

    /**
     * Returns how far hits ordinarily spread, in milliseconds.
     *
     * @param gap from hit to hit, in milliseconds
     */
    public static double spread(double gap) {
        return SPREAD_OF_THE_GAP * gap;
    }

    /**
     * Returns how far the hits of a trained player spread, in milliseconds.
     *
     * @param gap from hit to hit, in milliseconds
     */
    public static double trainedSpread(double gap) {
        return TRAINED_SPREAD_OF_THE_GAP * gap;
    }

    /**
     * Returns the smallest shift the ear catches, in milliseconds.
     *
     * @param gap from hit to hit, in milliseconds
     */
    public static double audible(double gap) {
        return Math.max(MIN_AUDIBLE, AUDIBLE_OF_THE_GAP * gap);
    }

    /** Returns whether hits are early as trained players' are. */
    public static boolean isEarlyAsOrdinary(TimingSpread spread) {
        return spread.mean() < 0 && spread.mean() >= -EARLY;
    }
}
