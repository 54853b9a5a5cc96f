package nimblestride.core.practice.timing;

/**
 * What is typical for people who tap along, so that nobody is scolded for being human. After B. H. Repp, "Sensorimotor
 * synchronization: A review of the tapping literature", Psychonomic Bulletin & Review 12 (2005): taps come some tens
 * of milliseconds before a click as a rule, less before many sounds and among musicians; their scatter grows with the
 * interval, to a few hundredths of it, and hardly falls below ten milliseconds. The limits in between are a choice of
 * this program.
 */
public final class TypicalTiming {
    /** Taps this much before the click, in milliseconds, are typical. */
    public static final double EARLY = 50;

    private static final double MIN_SCATTER = 10;
    private static final double SCATTER_OF_THE_GAP = 0.04;

    private TypicalTiming() {}

    /**
     * Returns how far the hits of a good player scatter, in milliseconds.
     *
     * @param gap from hit to hit, in milliseconds
     */
    public static double scatter(double gap) {
        return Math.max(MIN_SCATTER, SCATTER_OF_THE_GAP * gap);
    }

    /** Returns whether hits are early just as most people's are. */
    public static boolean isEarlyAsMost(TimingSpread spread) {
        return spread.mean() < 0 && spread.mean() >= -EARLY;
    }
}
