package nimblestride.core.transcription.recording;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

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

    /** Returns units, the best first. */
    static List<Unit> of(List<HeardHit> hits) {
        List<Gap> gaps = gaps(hits.subList(0, Math.min(MOST_HITS, hits.size())));
        List<Unit> all = new ArrayList<>();
        for (double seconds = SHORTEST; seconds < LONGEST; seconds *= STEP) {
            all.add(new Unit(seconds, fit(gaps, seconds)));
        }
        List<Unit> peaks = new ArrayList<>();
        for (int i = 1; i + 1 < all.size(); i++) {
            double fit = all.get(i).fit;
            if (fit >= LEAST && fit > all.get(i - 1).fit && fit >= all.get(i + 1).fit) {
                peaks.add(all.get(i));
            }
        }
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
