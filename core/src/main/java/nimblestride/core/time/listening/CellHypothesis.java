package nimblestride.core.time.listening;

import java.util.ArrayList;
import java.util.List;
import org.apache.commons.numbers.core.ArithmeticUtils;

/**
 * Explains gaps as a repeating cell of whole numbers, with a cost: how badly the gaps fit, and how unusual the numbers
 * are. Costs are negative logarithms of probabilities, so half as likely costs 0.7 more.
 *
 * <p>People tap with a spread of about a twentieth of the gap (Repp, "Sensorimotor synchronization: A review of the
 * tapping literature", 2005: 2 to 6 %), so a gap is compared with its own length, not with the clock.
 *
 * @param cell at least one length, in units
 * @param unit in seconds
 * @param spread of the gaps around what they should be, as a part of each
 */
record CellHypothesis(List<Integer> cell, double unit, double spread, double cost) {
    /** Nobody is more even than this, so closer fits gain nothing. */
    private static final double MIN_SPREAD = 0.015;

    private static final double TYPICAL_SPREAD = 0.05;

    /** How unusual a length of some units is: twos and threes are most common (common practice). */
    private static final double[] UNUSUAL = {0, 1.8, 0.9, 1.1, 1.4, 2.4, 2.6, 3.2, 2.9};

    private static final double UNUSUAL_FROM_THERE = 3.4;
    private static final double EACH_MORE = 0.25;

    CellHypothesis {
        cell = List.copyOf(cell);
    }

    /** Returns a cell with its best unit. */
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

    /** Returns the rounded lengths of a cycle from the mean length of each gap. */
    static CellHypothesis rounded(List<Double> means, double unit, List<Double> gaps) {
        return of(
                means.stream()
                        .map(mean -> (int) Math.max(1, Math.round(mean / unit)))
                        .toList(),
                gaps);
    }

    /** Returns the cell with single lengths a unit longer or shorter, for as long as that lowers the cost. */
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

    /** Minimizes the squares of what each gap is off, as a part of its length. */
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
