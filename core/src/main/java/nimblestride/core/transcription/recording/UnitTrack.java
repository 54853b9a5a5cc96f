package nimblestride.core.transcription.recording;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/** Numbers hits by a unit that may drift: each hit gets the number of the unit it falls on, from the first hit. */
final class UnitTrack {
    /** How quickly the length of the unit follows the hits, and how quickly its place does. */
    private static final double FOLLOWING_LENGTH = 0.12;

    private static final double FOLLOWING_PLACE = 0.35;
    /** A unit stays within this share of what it was found to be. */
    private static final double MOST_DRIFT = 0.25;

    /** Hits up to so many seconds to each side smooth the time of a unit; in more time the tempo bends. */
    private static final double SMOOTHED_OVER = 1.1;

    private static final int FEWEST_SMOOTHED = 2;
    private static final int MOST_SMOOTHED = 6;

    /** The unit of each hit, in the order of the hits. */
    private final int[] numbers;
    /** When each unit is, from the first to the last that has a hit. */
    private final double[] seconds;

    private UnitTrack(int[] numbers, double[] seconds) {
        this.numbers = numbers;
        this.seconds = seconds;
    }

    /** Follows hits with a unit of about some length. */
    static UnitTrack of(List<HeardHit> hits, double unit) {
        int[] numbers = new int[hits.size()];
        double length = unit;
        double place = hits.get(0).at();
        int number = 0;
        for (int i = 1; i < hits.size(); i++) {
            double since = hits.get(i).at() - place;
            int units = (int) Math.max(0, Math.round(since / length));
            numbers[i] = number + units;
            if (units > 0) {
                double late = since - units * length;
                length += FOLLOWING_LENGTH * late / units;
                length = Math.max(unit * (1 - MOST_DRIFT), Math.min(unit * (1 + MOST_DRIFT), length));
                place += units * length + FOLLOWING_PLACE * late;
                number += units;
            }
        }
        int around = (int) Math.round(SMOOTHED_OVER / unit);
        return smoothed(hits, numbers, Math.max(FEWEST_SMOOTHED, Math.min(MOST_SMOOTHED, around)));
    }

    /** Lays hits on a unit of exactly some length, in the place that fits them best. */
    static UnitTrack steady(List<HeardHit> hits, double unit) {
        double x = 0;
        double y = 0;
        for (HeardHit hit : hits) {
            double turn = 2 * Math.PI * hit.at() / unit;
            x += hit.strength() * Math.cos(turn);
            y += hit.strength() * Math.sin(turn);
        }
        double phase = unit * Math.atan2(y, x) / (2 * Math.PI);
        long first = Math.round((hits.get(0).at() - phase) / unit);
        int[] numbers = hits.stream()
                .mapToInt(hit -> (int) (Math.round((hit.at() - phase) / unit) - first))
                .toArray();
        double[] seconds = IntStream.rangeClosed(0, numbers[numbers.length - 1])
                .mapToDouble(number -> phase + (first + number) * unit)
                .toArray();
        return new UnitTrack(numbers, seconds);
    }

    /** Returns the time of each unit, from a straight line through the hits so many units around it. */
    private static UnitTrack smoothed(List<HeardHit> hits, int[] numbers, int reach) {
        int last = Arrays.stream(numbers).max().orElse(0);
        double[] seconds = new double[last + 1];
        List<Integer> around = new ArrayList<>();
        int from = 0;
        for (int unit = 0; unit <= last; unit++) {
            while (numbers[from] < unit - reach) {
                from++;
            }
            around.clear();
            for (int i = from; i < numbers.length && numbers[i] <= unit + reach; i++) {
                around.add(i);
            }
            seconds[unit] = around.size() < 2 ? between(hits, numbers, from, unit) : line(hits, numbers, around, unit);
        }
        return new UnitTrack(numbers, seconds);
    }

    /** Returns the time of a unit in a long rest, from the hits before and after it. */
    private static double between(List<HeardHit> hits, int[] numbers, int from, int unit) {
        if (numbers.length < 2) {
            return hits.get(0).at();
        }
        int after = Math.max(1, from);
        while (after + 1 < numbers.length && numbers[after] < unit) {
            after++;
        }
        int before = after - 1;
        double share = (double) (unit - numbers[before]) / Math.max(1, numbers[after] - numbers[before]);
        return hits.get(before).at()
                + share * (hits.get(after).at() - hits.get(before).at());
    }

    private static double line(List<HeardHit> hits, int[] numbers, List<Integer> around, int unit) {
        double count = around.size();
        double sumX = 0;
        double sumY = 0;
        double sumXX = 0;
        double sumXY = 0;
        for (int i : around) {
            double x = numbers[i] - unit;
            double y = hits.get(i).at();
            sumX += x;
            sumY += y;
            sumXX += x * x;
            sumXY += x * y;
        }
        double width = count * sumXX - sumX * sumX;
        return width == 0 ? sumY / count : (sumY * sumXX - sumX * sumXY) / width;
    }

    /** Returns this from a hit on, which becomes the first. */
    UnitTrack from(int hit) {
        int unit = numbers[hit];
        return new UnitTrack(
                Arrays.stream(numbers, hit, numbers.length)
                        .map(number -> number - unit)
                        .toArray(),
                Arrays.copyOfRange(seconds, unit, seconds.length));
    }

    /** Returns on which unit a hit falls. */
    int unitOf(int hit) {
        return numbers[hit];
    }

    /** Returns how many units there are. */
    int count() {
        return seconds.length;
    }

    /** Returns when a unit is, in seconds. */
    double secondsAt(int unit) {
        return seconds[unit];
    }

    /** Returns the mean length of a unit, in seconds. */
    double unit() {
        return seconds.length < 2 ? 0 : (seconds[seconds.length - 1] - seconds[0]) / (seconds.length - 1);
    }
}
