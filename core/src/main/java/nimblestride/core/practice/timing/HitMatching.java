package nimblestride.core.practice.timing;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import nimblestride.core.kit.voice.Voice;

/**
 * Which hit was meant for which place. Each is matched at most once, in order, with the smallest sum of distances; a
 * hit farther off than half the distance between two places matches nothing. A player who is late throughout is
 * matched as such: the median distance is found first and taken off. Where hits name their voice, each voice is
 * matched on its own, and voices that are never played are not missed; somebody who taps everything on one thing is
 * matched by time only.
 *
 * @param pairs in order
 * @param missed places nothing was played for
 * @param extra hits that belong to no place
 */
public record HitMatching(List<Pair> pairs, int missed, int extra) {
    private static final double MIN_WIDTH = 25;
    private static final double MAX_WIDTH = 200;
    private static final double PART_OF_A_GAP = 0.49;

    /**
     * A hit and its place.
     *
     * @param late in milliseconds; negative for early
     */
    public record Pair(ExpectedHit expected, double late) {}

    public HitMatching {
        pairs = List.copyOf(pairs);
    }

    /**
     * Matches hits to places.
     *
     * @param expected in order
     * @param taps in any order
     */
    public static HitMatching of(List<ExpectedHit> expected, List<PlayedHit> taps) {
        List<PlayedHit> inOrder = new ArrayList<>(taps);
        inOrder.sort(Comparator.comparingDouble(PlayedHit::at));
        return knowsVoices(expected, inOrder) ? byVoice(expected, inOrder) : aligned(moments(expected), inOrder);
    }

    /** Joins what was played in several goes. */
    public static HitMatching together(List<HitMatching> goes) {
        return new HitMatching(
                goes.stream().flatMap(one -> one.pairs.stream()).toList(),
                goes.stream().mapToInt(HitMatching::missed).sum(),
                goes.stream().mapToInt(HitMatching::extra).sum());
    }

    /**
     * Returns whether the hits name their voices: most are on something the exercise has, and they are on several
     * things, or on one thing as often as it should be played. Otherwise somebody taps everything on one thing.
     */
    private static boolean knowsVoices(List<ExpectedHit> expected, List<PlayedHit> taps) {
        Set<Voice> asked = expected.stream().map(ExpectedHit::voice).collect(Collectors.toSet());
        Set<Voice> struck = taps.stream().map(PlayedHit::voice).collect(Collectors.toSet());
        long known = taps.stream().filter(tap -> asked.contains(tap.voice())).count();
        long ofItsOwn =
                expected.stream().filter(one -> struck.contains(one.voice())).count();
        boolean alone = 2L * taps.size() <= ofItsOwn + moments(expected).size();
        return 2 * known > taps.size() && (struck.size() > 1 || alone);
    }

    private static HitMatching byVoice(List<ExpectedHit> expected, List<PlayedHit> taps) {
        Map<Voice, List<ExpectedHit>> places = new LinkedHashMap<>();
        Set<Voice> struckAtAll = taps.stream().map(PlayedHit::voice).collect(Collectors.toSet());
        expected.stream().filter(one -> struckAtAll.contains(one.voice())).forEach(one -> places.computeIfAbsent(
                        one.voice(), voice -> new ArrayList<>())
                .add(one));
        List<Pair> pairs = new ArrayList<>();
        int missed = 0;
        int extra = (int)
                taps.stream().filter(tap -> !places.containsKey(tap.voice())).count();
        for (Map.Entry<Voice, List<ExpectedHit>> of : places.entrySet()) {
            List<PlayedHit> struck =
                    taps.stream().filter(tap -> tap.voice().equals(of.getKey())).toList();
            HitMatching one = aligned(of.getValue(), struck);
            pairs.addAll(one.pairs);
            missed += one.missed;
            extra += one.extra;
        }
        pairs.sort(Comparator.comparingDouble(pair -> pair.expected.at()));
        return new HitMatching(pairs, missed, extra);
    }

    /** Places played together are one moment for somebody who taps on one thing. */
    private static List<ExpectedHit> moments(List<ExpectedHit> expected) {
        List<ExpectedHit> moments = new ArrayList<>();
        for (ExpectedHit one : expected) {
            if (moments.isEmpty() || moments.get(moments.size() - 1).at() < one.at()) {
                moments.add(one);
            }
        }
        return moments;
    }

    private static HitMatching aligned(List<ExpectedHit> places, List<PlayedHit> taps) {
        double window = window(places);
        HitMatching first = new Alignment(places, taps, window, 0).match();
        double middle = middle(first.pairs.stream().map(Pair::late).sorted().toList());
        return new Alignment(places, taps, window, middle).match();
    }

    private static double middle(List<Double> sorted) {
        return sorted.isEmpty() ? 0 : sorted.get(sorted.size() / 2);
    }

    /** Returns how far off a hit may be, in milliseconds. */
    private static double window(List<ExpectedHit> places) {
        List<Double> gaps = new ArrayList<>();
        for (int i = 1; i < places.size(); i++) {
            gaps.add(places.get(i).at() - places.get(i - 1).at());
        }
        gaps.sort(Comparator.naturalOrder());
        double close = gaps.isEmpty() ? MAX_WIDTH : gaps.get(gaps.size() / 10);
        return Math.max(MIN_WIDTH, Math.min(MAX_WIDTH, PART_OF_A_GAP * close));
    }

    /** Aligns two rows of moments at the least cost, stretch by stretch: what is too far apart can't match. */
    private static final class Alignment {
        private static final byte MISS = 0;
        private static final byte EXTRA = 1;
        private static final byte MATCH = 2;

        private final List<ExpectedHit> places;
        private final List<PlayedHit> taps;
        private final double window;
        private final double shift;
        private final List<Pair> pairs = new ArrayList<>();

        Alignment(List<ExpectedHit> places, List<PlayedHit> taps, double window, double shift) {
            this.places = places;
            this.taps = taps;
            this.window = window;
            this.shift = shift;
        }

        private double late(int place, int tap) {
            return taps.get(tap).at() - places.get(place).at();
        }

        HitMatching match() {
            int place = 0;
            int tap = 0;
            while (place < places.size() || tap < taps.size()) {
                int firstPlace = place;
                int firstTap = tap;
                double last = Math.min(placeAt(place), tapAt(tap));
                while (Math.min(placeAt(place), tapAt(tap)) <= last + window) {
                    last = Math.min(placeAt(place), tapAt(tap));
                    if (placeAt(place) <= tapAt(tap)) {
                        place++;
                    } else {
                        tap++;
                    }
                }
                match(firstPlace, place - firstPlace, firstTap, tap - firstTap);
            }
            return new HitMatching(pairs, places.size() - pairs.size(), taps.size() - pairs.size());
        }

        /** Returns when a place should be played by somebody who is late throughout. */
        private double placeAt(int place) {
            return place < places.size() ? places.get(place).at() + shift : Double.POSITIVE_INFINITY;
        }

        private double tapAt(int tap) {
            return tap < taps.size() ? taps.get(tap).at() : Double.POSITIVE_INFINITY;
        }

        private void match(int firstPlace, int rows, int firstTap, int columns) {
            byte[][] choice = new byte[rows + 1][columns + 1];
            double[] above = new double[columns + 1];
            double alone = window / 2;
            for (int tap = 1; tap <= columns; tap++) {
                above[tap] = tap * alone;
                choice[0][tap] = EXTRA;
            }
            for (int place = 1; place <= rows; place++) {
                double[] here = new double[columns + 1];
                here[0] = place * alone;
                for (int tap = 1; tap <= columns; tap++) {
                    double miss = above[tap] + alone;
                    double extra = here[tap - 1] + alone;
                    double off = Math.abs(late(firstPlace + place - 1, firstTap + tap - 1) - shift);
                    double match = off <= window ? above[tap - 1] + off : Double.POSITIVE_INFINITY;
                    here[tap] = Math.min(match, Math.min(miss, extra));
                    choice[place][tap] = here[tap] == match ? MATCH : here[tap] == miss ? MISS : EXTRA;
                }
                above = here;
            }
            read(choice, firstPlace, firstTap);
        }

        private void read(byte[][] choice, int firstPlace, int firstTap) {
            List<Pair> backward = new ArrayList<>();
            int place = choice.length - 1;
            int tap = choice[0].length - 1;
            while (place > 0 || tap > 0) {
                if (choice[place][tap] == MATCH) {
                    place--;
                    tap--;
                    backward.add(new Pair(places.get(firstPlace + place), late(firstPlace + place, firstTap + tap)));
                } else if (choice[place][tap] == MISS) {
                    place--;
                } else {
                    tap--;
                }
            }
            Collections.reverse(backward);
            pairs.addAll(backward);
        }
    }
}
