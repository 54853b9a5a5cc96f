package nimblestride.core.time.reading;

import java.util.Comparator;
import java.util.Iterator;
import java.util.List;
import nimblestride.core.time.meter.Meter;

/**
 * A grouping that one source proposes.
 *
 * @param bars it is written as, by that source
 */
record ProposedReading(List<Integer> groups, ReadingApproach approach, String why, List<Meter> bars, long effort) {
    static Iterator<ProposedReading> easiestFirst(List<ProposedReading> proposed) {
        return proposed.stream()
                .sorted(Comparator.comparingLong(ProposedReading::effort))
                .iterator();
    }
}
