package nimblestride.core.practice.care;

import java.util.ArrayList;
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
        /**
         * Returns the time for people, never more than it is: {@code 8 h}, {@code 7 min 30 s}, {@code 1 min 52 s}.
         */
        public String said() {
            long whole = (long) Math.floor(seconds);
            List<String> parts = new ArrayList<>();
            addPart(parts, whole / 3_600, "h");
            addPart(parts, whole / 60 % 60, "min");
            addPart(parts, whole % 60, "s");
            return String.join(" ", parts);
        }

        private static void addPart(List<String> parts, long number, String unit) {
            if (number > 0) {
                parts.add(number + " " + unit);
            }
        }
    }

    /**
     * Returns the limit at a level.
     *
     * @param decibels A-weighted, from 80 to {@value #CEILING}
     */
    public static Limit at(int decibels) {
        if (decibels < 80 || decibels > CEILING) {
            throw new InvalidValueException("the table runs from 80 to " + CEILING + " dBA, not to " + decibels);
        }
        return new Limit(
                decibels,
                Math.min(
                        24 * 3_600.0,
                        REFERENCE_SECONDS / Math.pow(2, (double) (decibels - REFERENCE_LEVEL) / EXCHANGE)));
    }

    /**
     * Some time at one level.
     *
     * @param decibels A-weighted, from 80 to {@value #CEILING}
     */
    public record Exposure(int decibels, double seconds) {}

    /**
     * Returns which part of a day's limit several times fill together: their shares add up, and 1 is the limit.
     *
     * @throws InvalidValueException if a level is out of range
     */
    public static double dose(List<Exposure> day) {
        return day.stream()
                .mapToDouble(one -> one.seconds / at(one.decibels).seconds)
                .sum();
    }

    /** Returns the limits from the reference level up, one for each exchange step, as far as a kit in a room goes. */
    public static List<Limit> table() {
        return IntStream.rangeClosed(0, 10)
                .mapToObj(step -> at(REFERENCE_LEVEL + EXCHANGE * step))
                .toList();
    }
}
