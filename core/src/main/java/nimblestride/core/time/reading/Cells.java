package nimblestride.core.time.reading;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import nimblestride.core.time.partition.EvenSpread;

/**
 * A few nearly equal cells of four to nine units: larger first, the odd one elsewhere, and spread evenly as in
 * Toussaint, "The Euclidean Algorithm Generates Traditional Musical Rhythms" (2005).
 */
final class Cells {
    private static final int MIN_UNITS = 4;
    private static final int MAX_UNITS = 9;
    private static final int MAX_CELLS = 8;
    private static final int MIN_CELLS = 2;

    private Cells() {}

    /** Returns every list of cells for a number of units, each once. */
    static List<List<Integer>> of(int units) {
        Set<List<Integer>> lists = new LinkedHashSet<>();
        for (int cells = MIN_CELLS; cells <= MAX_CELLS; cells++) {
            int shorter = units / cells;
            int longer = units % cells;
            if (shorter < MIN_UNITS || shorter + (longer > 0 ? 1 : 0) > MAX_UNITS) {
                continue;
            }
            List<Integer> largerFirst = new ArrayList<>(Collections.nCopies(longer, shorter + 1));
            largerFirst.addAll(Collections.nCopies(cells - longer, shorter));
            lists.add(List.copyOf(largerFirst));
            List<Integer> smallerFirst = new ArrayList<>(largerFirst);
            Collections.reverse(smallerFirst);
            lists.add(List.copyOf(smallerFirst));
            List<Integer> spread = EvenSpread.of(cells, units);
            for (int turn = 0; turn < cells; turn++) {
                List<Integer> turned = new ArrayList<>(spread);
                Collections.rotate(turned, turn);
                lists.add(List.copyOf(turned));
            }
        }
        rows(units).forEach(lists::add);
        return List.copyOf(lists);
    }

    /** Rows of one cell with what is left over last or first. */
    private static List<List<Integer>> rows(int units) {
        List<List<Integer>> rows = new ArrayList<>();
        for (int cell = MIN_UNITS; cell <= MAX_UNITS; cell++) {
            int times = units / cell;
            int rest = units % cell;
            boolean nearlyEqual = times > 1 ? 3 * rest >= 2 * cell : rest == cell - 1;
            if (times > 0 && times <= MAX_CELLS && rest > 1 && nearlyEqual) {
                List<Integer> row = new ArrayList<>(Collections.nCopies(times, cell));
                row.add(rest);
                rows.add(List.copyOf(row));
                Collections.rotate(row, 1);
                rows.add(List.copyOf(row));
            }
        }
        return rows;
    }
}
