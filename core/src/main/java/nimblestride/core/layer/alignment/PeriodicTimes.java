package nimblestride.core.layer.alignment;

import java.util.Arrays;
import java.util.BitSet;
import java.util.Locale;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import nimblestride.core.foundation.exact.ExactMath;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.layer.timeline.LayerTimeline;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.Grid;

/**
 * Moments that repeat: {@code residue + k * period} from some start, in units of one grid. Finds what two sets share
 * pair by pair, by the Chinese remainder theorem.
 */
final class PeriodicTimes {
    /** The most moments that are listed. */
    static final int MAX = 100_000;

    private final long begin;
    private final long period;
    private final long[] residues;

    /**
     * @param begin first moment at which they may come
     * @param residues each from 0 up to the period, in order, each once
     */
    private PeriodicTimes(long begin, long period, long[] residues) {
        this.begin = begin;
        this.period = period;
        this.residues = residues;
    }

    long period() {
        return period;
    }

    /** Ticks each moment up to the end of a cycle, counted from the start of the phrase. */
    void tick(BitSet struck, int cycle) {
        for (long residue : residues) {
            for (long at = residue; at < cycle; at += period) {
                struck.set((int) at);
            }
        }
    }

    /** Returns the hits of a timeline. */
    static PeriodicTimes of(LayerTimeline timeline) {
        return sorted(
                timeline.start(),
                timeline.period(),
                timeline.onsets()
                        .map(onset -> ExactMath.add(timeline.start(), onset) % timeline.period())
                        .toArray());
    }

    /** Returns the bar lines of a phrase, on a grid that holds them. */
    static PeriodicTimes ofBarLines(Phrase phrase, Grid grid) {
        long unit = grid.count(phrase.grid().unit());
        int bars = phrase.bars().size();
        return sorted(
                0,
                ExactMath.multiply(phrase.startOnGrid(bars), unit),
                IntStream.range(0, bars)
                        .mapToLong(bar -> phrase.startOnGrid(bar) * unit)
                        .toArray());
    }

    private static PeriodicTimes sorted(long begin, long period, long[] residues) {
        return new PeriodicTimes(begin, period, SortedLongs.once(residues));
    }

    int count() {
        return residues.length;
    }

    /**
     * Returns the moments that are in both.
     *
     * @throws InvalidValueException if too many come before they repeat to list them
     */
    PeriodicTimes and(PeriodicTimes other) {
        LinearCongruence congruence = new LinearCongruence(period, other.period);
        ResidueClasses others = new ResidueClasses(other.residues, congruence.divisor());
        long[][] meeting = new long[residues.length][];
        int found = 0;
        for (int i = 0; i < residues.length; i++) {
            meeting[i] = others.like(residues[i]);
            found += meeting[i].length;
            if (found > MAX) {
                throw new InvalidValueException(
                        String.format(Locale.ROOT, "they meet more than %,d times before they line up", MAX));
            }
        }
        long[] common = new long[found];
        for (int i = 0; i < residues.length; i++) {
            for (long that : meeting[i]) {
                long cycles = congruence.solve(that - residues[i]);
                common[--found] = ExactMath.add(residues[i], ExactMath.multiply(cycles, period));
            }
        }
        return sorted(Math.max(begin, other.begin), ExactMath.lcm(period, other.period), common);
    }

    /** Returns the first moments, in order. */
    LongStream first(int most) {
        int from = Arrays.binarySearch(residues, begin % period);
        int start = from >= 0 ? from : -from - 1;
        long round = begin / period * period;
        return LongStream.range(0, count() == 0 ? 0 : most).map(i -> {
            long index = start + i;
            return ExactMath.add(
                    ExactMath.add(round, ExactMath.multiply(index / count(), period)),
                    residues[(int) (index % count())]);
        });
    }
}
