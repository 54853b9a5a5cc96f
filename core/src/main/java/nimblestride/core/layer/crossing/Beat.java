package nimblestride.core.layer.crossing;

import java.util.List;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.value.NoteValue;

/**
 * The beat a foot taps from a bar's 1 (common practice): the group where all groups are alike (the dotted quarter of
 * 12/8); otherwise two units where the unit is an eighth or shorter (the quarter in 11/8), and one unit where it is
 * longer.
 */
public final class Beat {
    private Beat() {}

    /** Returns the beat of a bar. */
    public static NoteValue of(Bar bar) {
        List<Integer> groups = bar.grouping().sizes();
        NoteValue unit = bar.meter().unit();
        if (groups.size() > 1 && groups.stream().distinct().count() == 1) {
            return unit.times(groups.get(0));
        }
        return unit.compareTo(NoteValue.EIGHTH) <= 0 && bar.meter().units() > 1 ? unit.times(2) : unit;
    }
}
