package nimblestride.core.time.reading;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import nimblestride.core.time.meter.Meter;
import nimblestride.core.time.value.NoteValue;

/**
 * A bar that players know by itself.
 *
 * @param cost how well it is known: 0 for the best known
 * @param strides the ways to group it that players use, in its own units, the usual one first
 */
record KnownBar(Meter meter, int cost, List<List<Integer>> strides) {
    /**
     * Every bar a reading is made of, best known first (common practice). A bar of quarters is counted in quarters, so
     * up to four of them are one group where the quarter is the unit.
     */
    static final List<KnownBar> ALL = List.of(
            bar(4, 4, 0, "4"),
            bar(3, 4, 1, "3"),
            bar(2, 4, 1, "2"),
            bar(6, 8, 1, "3+3"),
            bar(12, 8, 1, "3+3+3+3"),
            bar(5, 4, 2, "3+2", "2+3", "5"),
            bar(7, 8, 2, "2+2+3", "3+2+2", "2+3+2"),
            bar(6, 4, 2, "3+3", "4+2"),
            bar(9, 8, 2, "3+3+3", "2+2+2+3"),
            bar(5, 8, 2, "3+2", "2+3"),
            bar(7, 4, 3, "4+3", "3+4"),
            bar(3, 8, 3, "3"),
            bar(7, 16, 3, "2+2+3", "3+2+2", "4+3", "3+4"),
            bar(9, 16, 2, "3+3+3", "4+3+2"),
            bar(5, 16, 3, "3+2", "2+3"),
            bar(11, 8, 4, "3+3+3+2", "2+2+3+2+2"),
            bar(8, 8, 4, "3+3+2"),
            bar(3, 16, 4, "3"),
            bar(11, 16, 4, "4+4+3", "3+3+3+2"),
            bar(13, 16, 5, "4+4+3+2", "3+3+3+4"),
            bar(15, 16, 5, "4+4+4+3"),
            bar(6, 16, 4, "3+3"),
            bar(12, 16, 4, "3+3+3+3"),
            bar(10, 8, 5, "3+3+2+2"),
            bar(1, 16, 3, "1"),
            bar(1, 8, 4, "1"),
            bar(1, 4, 3, "1"));

    private static KnownBar bar(int top, int bottom, int cost, String... strides) {
        List<List<Integer>> all = new ArrayList<>();
        for (String one : strides) {
            List<Integer> sizes = new ArrayList<>();
            for (String size : one.split("\\+", -1)) {
                sizes.add(Integer.valueOf(size));
            }
            all.add(List.copyOf(sizes));
        }
        return new KnownBar(Meter.of(top, bottom), cost, List.copyOf(all));
    }

    /**
     * Returns the strides in another unit; empty if that unit does not divide them. Quarters are strides of their own in
     * shorter units.
     */
    Optional<List<List<Integer>>> stridesIn(NoteValue unit) {
        NoteValue own = meter.unit();
        if (!own.isMultipleOf(unit)) {
            return Optional.empty();
        }
        int factor = (int) own.wholePartsOf(unit);
        if (factor > 1 && own.equals(NoteValue.QUARTER)) {
            return Optional.of(List.of(Collections.nCopies(meter.units(), factor)));
        }
        return Optional.of(strides.stream()
                .map(one -> one.stream().map(size -> size * factor).toList())
                .toList());
    }
}
