package nimblestride.desktop.workspace.group;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.reading.Reading;
import nimblestride.core.time.reading.Readings;
import nimblestride.core.time.reading.School;
import nimblestride.core.time.reading.Wish;

/**
 * What the Break bench shows of a bar.
 *
 * @param name what its grouping is called now
 * @param best the best readings of each school
 */
record BarReadings(Bar bar, String name, Map<School, List<Reading>> best) {
    static BarReadings of(Bar bar, Wish wish, int most) {
        Map<School, List<Reading>> best = new EnumMap<>(School.class);
        for (School school : School.values()) {
            best.put(school, best(bar, school, wish, most));
        }
        return new BarReadings(bar, Readings.nameOf(bar), best);
    }

    /** None where the wish makes it too much to search. */
    private static List<Reading> best(Bar bar, School school, Wish wish, int most) {
        try {
            return Readings.of(bar.meter(), school, wish).limit(most).toList();
        } catch (StrideException e) {
            return List.of();
        }
    }
}
