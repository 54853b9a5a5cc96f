package nimblestride.core.practice.care;

import java.util.List;
import java.util.stream.IntStream;
import nimblestride.core.foundation.failure.InvalidValueException;

/**
 * How long a loudness is safe per day for most people's hearing: 85 dBA for eight hours, and half as long for every 3
 * dB more (NIOSH, "Criteria for a Recommended Standard: Occupational Noise Exposure", publication 98-126).
 */
public final class NoiseExposure {
    /** The reference level, in dBA. */
    public static final int REFERENCE_LEVEL = 85;
    /** The time that is safe at the reference level, in seconds per day. */
    public static final int REFERENCE_SECONDS = 8 * 60 * 60;
    /** How many decibels more halve the time. */
    public static final int EXCHANGE = 3;
    /** The level above which no time is safe, in dBA. */
    public static final int CEILING = 140;

    private NoiseExposure() {}

    /**
     * A limit.
     *
     * @param decibels A-weighted
     * @param seconds per day at most
     */
    public record Limit(int decibels, double seconds) {
        /** Returns the time for people: {@code 8 h}, {@code 15 min}, {@code 28 s}. */
        public String said() {
            if (seconds >= 3_600) {
                long tenths = Math.round(seconds / 360);
                return (tenths % 10 == 0 ? String.valueOf(tenths / 10) : tenths / 10 + "." + tenths % 10) + " h";
            }
            return seconds >= 60 ? Math.round(seconds / 60) + " min" : Math.round(seconds) + " s";
        }
    }

    /**
     * Returns the limit at a level.
     *
     * @param decibels A-weighted, from 80 to {@value #CEILING}
     */
    public static Limit at(int decibels) {
        if (decibels < 80 || decibels > CEILING) {
            throw new InvalidValueException("the table goes from 80 to " + CEILING + " dBA, not to " + decibels);
        }
        return new Limit(
                decibels,
                Math.min(
                        24 * 3_600.0,
                        REFERENCE_SECONDS / Math.pow(2, (double) (decibels - REFERENCE_LEVEL) / EXCHANGE)));
    }

    /** Returns the limits from the reference level up, one for each exchange step, as far as a kit in a room goes. */
    public static List<Limit> table() {
        return IntStream.rangeClosed(0, 10)
                .mapToObj(step -> at(REFERENCE_LEVEL + EXCHANGE * step))
                .toList();
    }
}
