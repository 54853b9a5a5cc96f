package nimblestride.formats.musicxml;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import nimblestride.core.foundation.exact.ExactMath;
import nimblestride.core.time.meter.Grouping;
import nimblestride.core.time.meter.Meter;
import nimblestride.core.time.value.NoteValue;
import nimblestride.formats.musicxml.ReadMeasure.Beamed;

/** Finds the groups of a bar from its beams (common practice: notes of one group are under one beam). */
final class BeamedGroups {
    private static final int MAX_UNBEAMED = 4;

    private BeamedGroups() {}

    /**
     * Returns the default grouping, unless a beam crosses one of its group starts in a meter of eighths or shorter:
     * then groups start and end where beams do.
     */
    static Grouping grouping(Meter meter, List<Beamed> beamed) {
        Grouping usual = meter.defaultGrouping();
        NoteValue unit = meter.unit();
        if (unit.compareTo(NoteValue.EIGHTH) > 0
                || meter.terms().get(0).numerators().size() > 1) {
            return usual;
        }
        TreeSet<Integer> bounds = new TreeSet<>();
        boolean crossed = false;
        for (Beamed beam : beamed) {
            boolean onUnits = beam.from().isMultipleOf(unit) && beam.to().isMultipleOf(unit);
            if (onUnits && beam.to().compareTo(meter.length()) <= 0) {
                int from = ExactMath.toInt(beam.from().wholePartsOf(unit));
                int to = ExactMath.toInt(beam.to().wholePartsOf(unit));
                crossed |= crosses(usual, from, to);
                bounds.add(from);
                bounds.add(to);
            }
        }
        if (!crossed) {
            return usual;
        }
        bounds.add(0);
        bounds.add(meter.units());
        // A voice that is beamed differently leaves bounds within another one's beams.
        return new Grouping(groups(new ArrayList<>(bounds)));
    }

    private static boolean crosses(Grouping grouping, int from, int to) {
        int at = 0;
        for (int size : grouping.sizes()) {
            if (at > from && at < to) {
                return true;
            }
            at += size;
        }
        return false;
    }

    /** Groups from bound to bound; where nothing is beamed for long, in twos with a three last. */
    private static List<Integer> groups(List<Integer> bounds) {
        List<Integer> groups = new ArrayList<>();
        for (int i = 1; i < bounds.size(); i++) {
            int size = bounds.get(i) - bounds.get(i - 1);
            while (size > MAX_UNBEAMED) {
                groups.add(2);
                size -= 2;
            }
            groups.add(size);
        }
        return groups;
    }
}
