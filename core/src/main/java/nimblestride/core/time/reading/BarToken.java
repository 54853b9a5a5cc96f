package nimblestride.core.time.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nimblestride.core.time.value.NoteValue;

/**
 * A known bar in one of its strides, counted in the unit of the meter that is read.
 *
 * @param place of the bar among the known ones
 * @param groups its strides, in that unit
 * @param units their sum
 * @param effort of the strides within the bar
 */
record BarToken(KnownBar bar, int place, List<Integer> groups, int units, long effort) {
    private static final int LONG = 5;

    /** Returns every known bar that the unit divides and that is shorter than a length in that unit. */
    static List<BarToken> in(NoteValue unit, int length) {
        List<BarToken> tokens = new ArrayList<>();
        for (int place = 0; place < KnownBar.ALL.size(); place++) {
            KnownBar bar = KnownBar.ALL.get(place);
            Optional<List<List<Integer>>> strides = bar.stridesIn(unit);
            List<List<Integer>> all = strides.orElse(List.of());
            for (List<Integer> groups : all) {
                int units = groups.stream().mapToInt(Integer::intValue).sum();
                if (units <= length) {
                    boolean usual = groups.equals(all.get(0)) || groups.size() == 1;
                    long effort = ReadingEffort.STRIDE_OF_BAR * groups.size()
                            + ReadingEffort.LONG_STRIDE
                                    * groups.stream()
                                            .filter(size -> size > LONG)
                                            .count()
                            + (usual ? 0 : ReadingEffort.UNUSUAL_STRIDES);
                    tokens.add(new BarToken(bar, place, groups, units, effort));
                }
            }
        }
        return tokens;
    }

    /** Returns whether it is a single unit, which only ends a list. */
    boolean isOneUnit() {
        return units == 1;
    }

    int first() {
        return groups.get(0);
    }

    int last() {
        return groups.get(groups.size() - 1);
    }

    boolean isSameBarAs(BarToken other) {
        return place == other.place;
    }

    /** Returns the effort of this bar at the start of a list. */
    long effortFirst() {
        return effort + ReadingEffort.OF_BAR * bar.cost();
    }

    /** Returns the effort of this bar after another one. */
    long effortAfter(BarToken before) {
        if (isSameBarAs(before)) {
            return effort + ReadingEffort.SAME_BAR + (groups.equals(before.groups) ? 0 : ReadingEffort.ANOTHER_BAR);
        }
        return effort
                + ReadingEffort.OF_BAR * bar.cost()
                + ReadingEffort.ANOTHER_BAR
                + (first() == before.last() ? 0 : ReadingEffort.CHANGE_AT_BAR_LINE);
    }
}
