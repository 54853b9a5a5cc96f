package nimblestride.desktop.workspace.group;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.reading.Reading;
import nimblestride.core.time.reading.ReadingApproach;
import nimblestride.core.time.reading.ReadingFilter;
import nimblestride.core.time.reading.Readings;

/**
 * What the readings page shows of a bar.
 *
 * @param name the name of its present grouping
 * @param best the best readings of each approach
 */
record BarReadings(Bar bar, String name, Map<ReadingApproach, List<Reading>> best) {
    static BarReadings of(Bar bar, ReadingFilter wish, int most) {
        Map<ReadingApproach, List<Reading>> best = new EnumMap<>(ReadingApproach.class);
        for (ReadingApproach approach : ReadingApproach.values()) {
            best.put(approach, best(bar, approach, wish, most));
        }
        return new BarReadings(bar, Readings.nameOf(bar), best);
    }

    /** Returns no readings if the filter leaves too much to search. */
    private static List<Reading> best(Bar bar, ReadingApproach approach, ReadingFilter wish, int most) {
        try {
            return Readings.of(bar.meter(), approach, wish).limit(most).toList();
        } catch (StrideException e) {
            return List.of();
        }
    }
}
