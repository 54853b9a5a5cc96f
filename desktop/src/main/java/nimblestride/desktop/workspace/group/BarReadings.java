package nimblestride.desktop.workspace.group;

import java.util.List;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.reading.Reading;
import nimblestride.core.time.reading.ReadingFilter;
import nimblestride.core.time.reading.Readings;

/**
 * What the readings page shows of a bar.
 *
 * @param name the name of its present grouping
 * @param best the best readings, easiest first
 */
record BarReadings(Bar bar, String name, List<Reading> best) {
    static BarReadings of(Bar bar, ReadingFilter filter, int most) {
        return new BarReadings(bar, Readings.nameOf(bar), best(bar, filter, most));
    }

    /** Returns no readings if the filter leaves too much to search. */
    private static List<Reading> best(Bar bar, ReadingFilter filter, int most) {
        try {
            return Readings.of(bar.meter(), filter).limit(most).toList();
        } catch (StrideException e) {
            return List.of();
        }
    }
}
