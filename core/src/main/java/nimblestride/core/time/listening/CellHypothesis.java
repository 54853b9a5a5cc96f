package nimblestride.core.time.listening;

import java.util.ArrayList;
import java.util.List;
import org.apache.commons.numbers.core.ArithmeticUtils;

/**
 * Gaps explained as a cell of whole numbers that goes round, and what that explanation costs: how badly the gaps fit it,
 * and how unusual its numbers are. Costs are negative logarithms of probabilities, so that half as likely is 0.7 more.
 *
 * <p>People tap with a spread of about a twentieth of the gap (Repp, "Sensorimotor synchronization", 2005, tells of 2 to
 * 6 %; quoted from memory), so that a gap is held against its own length, not against the clock.
 *
 * @param cell at least one length, in units
 * @param unit in seconds
 * @param spread of the gaps about what they should be, as a part of each
 */
record CellHypothesis(List<Integer> cell, double unit, double spread, double cost) {
    /** Nobody is more even than this, and nothing is gained by fitting closer. */
    private static final double MIN_SPREAD = 0.015;

    private static final double TYPICAL_SPREAD = 0.05;

    /** How unusual a length of so many units is: twos and threes are what people play most (common practice). */
    private static final double[] UNUSUAL = {0, 1.8, 0.9, 1.1, 1.4, 2.4, 2.6, 3.2, 2.9};

    private static final double UNUSUAL_FROM_THERE = 3.4;
    private static final double EACH_MORE = 0.25;

    CellHypothesis {
        cell = List.copyOf(cell);
    }

    /** The best unit for a cell. */
    static CellHypothesis of(List<Integer> cell, List<Double> gaps) {
        List<Integer> lowest = inLowestTerms(cell);
        double unit = bestUnit(lowest, gaps);
        double squares = 0;
        for (int i = 0; i < gaps.size(); i++) {
            double off = gaps.get(i) / (lowest.get(i % lowest.size()) * unit) - 1;
            squares += off * off;
        }
        int count = gaps.size();
        double spread = Math.sqrt(squares / count);
        double sigma = Math.max(spread, MIN_SPREAD);
        double misfit = count * Math.log(sigma) + squares / (2 * sigma * sigma);
        double wild = sigma * sigma / (2 * TYPICAL_SPREAD * TYPICAL_SPREAD);
        return new CellHypothesis(lowest, unit, spread, misfit + wild + unusual(lowest));
    }

    /** The rounded lengths of a cycle whose gaps last so long on the average. */
    static CellHypothesis rounded(List<Double> means, double unit, List<Double> gaps) {
        return of(
                means.stream()
                        .map(mean -> (int) Math.max(1, Math.round(mean / unit)))
                        .toList(),
                gaps);
    }

    /** The same with single lengths a unit longer or shorter, as long as that helps. */
    CellHypothesis improved(List<Double> gaps) {
        CellHypothesis best = this;
        for (int i = 0; i < best.cell.size(); i++) {
            for (int change : new int[] {-1, 1}) {
                if (i < best.cell.size() && best.cell.get(i) + change >= 1) {
                    List<Integer> other = new ArrayList<>(best.cell);
                    other.set(i, other.get(i) + change);
                    CellHypothesis changed = of(other, gaps);
                    best = changed.cost < best.cost ? changed : best;
                }
            }
        }
        return best.cost < cost ? best.improved(gaps) : best;
    }

    private static List<Integer> inLowestTerms(List<Integer> cell) {
        int divisor = cell.stream().reduce(0, ArithmeticUtils::gcd);
        return RepeatingPrefix.whole(
                cell.stream().map(length -> length / divisor).toList());
    }

    /** Least squares of what each gap is off as a part of its length. */
    private static double bestUnit(List<Integer> cell, List<Double> gaps) {
        double sum = 0;
        double squares = 0;
        for (int i = 0; i < gaps.size(); i++) {
            double unit = gaps.get(i) / cell.get(i % cell.size());
            sum += unit;
            squares += unit * unit;
        }
        return squares / sum;
    }

    private static double unusual(List<Integer> cell) {
        double unusual = 0;
        for (int length : cell) {
            unusual += length < UNUSUAL.length
                    ? UNUSUAL[length]
                    : UNUSUAL_FROM_THERE + EACH_MORE * (length - UNUSUAL.length);
        }
        return unusual;
    }
}
