package nimblestride.core.practice.timing;

/**
 * What is ordinary for people who tap along, so that nobody is scolded for being human. After B. H. Repp, "Sensorimotor
 * synchronization: a review of the tapping literature", Psychonomic Bulletin & Review 12 (2005), quoted from memory: taps come
 * some tens of milliseconds before a click as a rule, less before many sounds and among musicians; their scatter grows with
 * the interval, to a few hundredths of it, and hardly falls below ten milliseconds. Where the limits are drawn between is a
 * choice of this program.
 */
public final class TypicalTiming {
    /** Taps this far before the click, in milliseconds, are as most people's. */
    public static final double EARLY = 50;

    private static final double MIN_SCATTER = 10;
    private static final double SCATTER_OF_THE_GAP = 0.04;

    private TypicalTiming() {}

    /**
     * How far the strokes of somebody who plays well scatter, in milliseconds.
     *
     * @param gap from stroke to stroke, in milliseconds
     */
    public static double scatter(double gap) {
        return Math.max(MIN_SCATTER, SCATTER_OF_THE_GAP * gap);
    }

    /** Whether strokes are early just as most people's are. */
    public static boolean isEarlyAsMost(TimingSpread spread) {
        return spread.mean() < 0 && spread.mean() >= -EARLY;
    }
}
