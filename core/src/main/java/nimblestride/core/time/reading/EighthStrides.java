package nimblestride.core.time.reading;

import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Meter;
import nimblestride.core.time.value.NoteValue;

/** Offers bars of quarters in strides of eighths: 5/4 as 10/8(3+3+2+2) (common practice). */
public final class EighthStrides {
    private static final int MAX_QUARTERS = 64;

    private EighthStrides() {}

    /** Returns the bars in eighths that quarters could not say, easiest first; none where quarters are not the unit. */
    public static Stream<Bar> of(Meter meter) {
        if (!meter.unit().equals(NoteValue.QUARTER) || meter.units() < 2 || meter.units() > MAX_QUARTERS) {
            return Stream.empty();
        }
        Meter eighths = Meter.of(2 * meter.units(), 8);
        return Readings.of(eighths, ReadingFilter.ofSizes(Set.of(2, 3)))
                .map(reading -> new Bar(eighths, reading.grouping()))
                .filter(bar -> !areWholeQuarters(bar.grouping().sizes()));
    }

    private static boolean areWholeQuarters(List<Integer> strides) {
        return strides.stream().allMatch(size -> size % 2 == 0);
    }
}
