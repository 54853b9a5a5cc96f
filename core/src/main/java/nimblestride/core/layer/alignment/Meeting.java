package nimblestride.core.layer.alignment;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.PriorityQueue;
import nimblestride.core.foundation.exact.ExactMath;
import nimblestride.core.foundation.exact.ExactOverflowException;
import nimblestride.core.layer.timeline.LayerTimeline;
import nimblestride.core.time.value.Grid;
import nimblestride.core.time.value.NoteValue;

/**
 * Where the hits of two layers coincide. A hit at a (mod C) and a hit at b (mod D) coincide if a ≡ b (mod gcd(C, D)),
 * and then once in every lcm(C, D) (Chinese remainder theorem).
 *
 * @param every the common cycle, lcm(C, D)
 * @param perCycle hits that coincide in it
 * @param onsets different hits both make in it
 * @param first up to {@value #LISTED} of the meetings, in order, from the first start of the phrase
 */
public record Meeting(NoteValue every, long perCycle, long onsets, List<NoteValue> first) {
    /** The most meetings that are listed. */
    public static final int LISTED = 8;

    private static final int MAX_PAIRS = 1_000_000;

    /**
     * Returns where two layers meet.
     *
     * @throws ExactOverflowException if the common cycle can't be counted exactly
     */
    public static Meeting of(LayerTimeline one, LayerTimeline other) {
        Grid grid = one.grid().and(other.grid());
        try {
            return new Pair(one.on(grid), other.on(grid)).meeting();
        } catch (ExactOverflowException e) {
            throw new ExactOverflowException("their common cycle is too long to count exactly");
        }
    }

    private static final class Pair {
        private final LayerTimeline one;
        private final LayerTimeline other;
        private final long commonCycle;
        private final LinearCongruence congruence;

        Pair(LayerTimeline one, LayerTimeline other) {
            this.one = one;
            this.other = other;
            this.commonCycle = ExactMath.lcm(one.period(), other.period());
            this.congruence = new LinearCongruence(one.period(), other.period());
        }

        Meeting meeting() {
            ResidueClasses others = new ResidueClasses(hitsOf(other), congruence.divisor());
            long[] hits = hitsOf(one);
            long perCycle =
                    Arrays.stream(hits).map(hit -> others.like(hit).length).sum();
            long all = ExactMath.add(
                    ExactMath.multiply(commonCycle / one.period(), one.hitsPerPeriod()),
                    ExactMath.multiply(commonCycle / other.period(), other.hitsPerPeriod()));
            return new Meeting(
                    one.grid().value(commonCycle), perCycle, all - perCycle, firstMeetings(hits, others, perCycle));
        }

        private static long[] hitsOf(LayerTimeline timeline) {
            return timeline.onsets()
                    .map(onset -> ExactMath.add(timeline.start(), onset))
                    .toArray();
        }

        /**
         * Returns the earliest meetings: each pair of hits meets first at one moment, and again every common cycle.
         */
        private List<NoteValue> firstMeetings(long[] hits, ResidueClasses others, long perCycle) {
            List<Long> moments = perCycle <= MAX_PAIRS ? solvePairs(hits, others) : walk();
            return moments.stream().map(one.grid()::value).toList();
        }

        private List<Long> solvePairs(long[] hits, ResidueClasses others) {
            PriorityQueue<Long> latestFirst = new PriorityQueue<>((a, b) -> Long.compare(b, a));
            for (long hit : hits) {
                for (long target : others.like(hit)) {
                    offer(latestFirst, meetingOf(hit, target));
                }
            }
            return latestFirst.stream().sorted().toList();
        }

        /**
         * Walks from hit to hit. Where many pairs meet, the first meetings lie near the start, and walking is the
         * shorter way.
         */
        private List<Long> walk() {
            long[] steps = one.onsets().toArray();
            long[] targets = other.onsets().toArray();
            long begun = Math.max(one.start(), other.start());
            List<Long> moments = new ArrayList<>();
            long round = Math.max(0, (begun - one.start()) / one.period());
            for (long walked = 0; walked < MAX_PAIRS && moments.size() < LISTED; round++) {
                for (int i = 0; i < steps.length && moments.size() < LISTED; i++, walked++) {
                    long moment = ExactMath.add(
                            ExactMath.add(one.start(), ExactMath.multiply(round, one.period())), steps[i]);
                    long within = Math.floorMod(moment - other.start(), other.period());
                    if (moment >= begun && Arrays.binarySearch(targets, within) >= 0) {
                        moments.add(moment);
                    }
                }
            }
            return moments;
        }

        private static void offer(PriorityQueue<Long> latestFirst, long moment) {
            if (latestFirst.size() < LISTED) {
                latestFirst.add(moment);
            } else if (moment < latestFirst.element()) {
                latestFirst.remove();
                latestFirst.add(moment);
            }
        }

        private long meetingOf(long hit, long target) {
            long cycles = congruence.solve(ExactMath.subtract(target, hit));
            long moment = ExactMath.add(hit, ExactMath.multiply(cycles, one.period()));
            long begun = Math.max(one.start(), other.start());
            long missed = moment >= begun ? 0 : (begun - moment - 1) / commonCycle + 1;
            return ExactMath.add(moment, ExactMath.multiply(missed, commonCycle));
        }
    }
}
