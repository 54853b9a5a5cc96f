package nimblestride.core.transcription.recording;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Finds units that explain how far hits are apart: lengths of which most gaps are whole numbers. Gaps between hits near
 * each other only, so that a tempo that drifts does no harm.
 */
final class UnitFinder {
    private static final double SHORTEST = 0.07;
    private static final double LONGEST = 0.75;
    private static final double STEP = 1.004;
    /** Gaps are looked at up to this length, in seconds. */
    private static final double NEAR = 1.2;

    private static final int MOST_HITS = 1_500;
    private static final int MOST_FOUND = 6;
    private static final double LEAST = 0.25;
    /** Whole numbers of units are few, so less is enough to believe in one. */
    private static final double LEAST_DIVIDING = 0.12;

    /** What fits worse than this share of the best is no unit. */
    private static final double NEARLY = 0.5;
    /** Hits nearer than this are one hit. */
    private static final double TOGETHER = 0.04;

    /**
     * A unit.
     *
     * @param seconds its length
     * @param fit how well gaps are whole numbers of it: 1 where all are exact, 0 where they are random
     */
    record Unit(double seconds, double fit) {}

    /** How far two hits are apart, in seconds, and how much that counts. */
    private record Gap(double seconds, double weight) {}

    private UnitFinder() {}

    /** Returns units of which a time is a whole number, the best first. */
    static List<Unit> dividing(List<HeardHit> hits, double time) {
        List<Gap> gaps = gaps(hits.subList(0, Math.min(MOST_HITS, hits.size())));
        List<Unit> all = IntStream.rangeClosed((int) (time / LONGEST), (int) Math.ceil(time / SHORTEST))
                .filter(count -> count > 0)
                .mapToObj(count -> new Unit(time / count, fit(gaps, time / count)))
                .toList();
        return best(peaks(all, LEAST_DIVIDING));
    }

    /** Returns units, the best first. */
    static List<Unit> of(List<HeardHit> hits) {
        List<Gap> gaps = gaps(hits.subList(0, Math.min(MOST_HITS, hits.size())));
        List<Unit> all = new ArrayList<>();
        for (double seconds = SHORTEST; seconds < LONGEST; seconds *= STEP) {
            all.add(new Unit(seconds, fit(gaps, seconds)));
        }
        return best(peaks(all, LEAST));
    }

    /** Returns those that fit better than their neighbors. */
    private static List<Unit> peaks(List<Unit> all, double least) {
        return IntStream.range(1, all.size() - 1)
                .filter(i -> all.get(i).fit >= least
                        && all.get(i).fit > all.get(i - 1).fit
                        && all.get(i).fit >= all.get(i + 1).fit)
                .mapToObj(all::get)
                .toList();
    }

    private static List<Unit> best(List<Unit> peaks) {
        double best = peaks.stream().mapToDouble(Unit::fit).max().orElse(0);
        return peaks.stream()
                .filter(unit -> unit.fit >= NEARLY * best)
                .sorted(Comparator.comparingDouble(Unit::fit).reversed())
                .limit(MOST_FOUND)
                .toList();
    }

    private static List<Gap> gaps(List<HeardHit> hits) {
        List<Gap> gaps = new ArrayList<>();
        for (int i = 0; i < hits.size(); i++) {
            for (int j = i + 1;
                    j < hits.size() && hits.get(j).at() - hits.get(i).at() <= NEAR;
                    j++) {
                double gap = hits.get(j).at() - hits.get(i).at();
                if (gap >= TOGETHER) {
                    double weight =
                            Math.sqrt(hits.get(i).strength() * hits.get(j).strength());
                    gaps.add(new Gap(gap, weight));
                }
            }
        }
        return gaps;
    }

    private static double fit(List<Gap> gaps, double unit) {
        double sum = 0;
        double weights = 0;
        for (Gap gap : gaps) {
            sum += gap.weight * Math.cos(2 * Math.PI * gap.seconds / unit);
            weights += gap.weight;
        }
        return weights == 0 ? 0 : sum / weights;
    }
}
