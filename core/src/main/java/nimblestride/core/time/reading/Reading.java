package nimblestride.core.time.reading;

import java.util.List;
import nimblestride.core.time.meter.Grouping;
import nimblestride.core.time.meter.Meter;

/**
 * One way to group and feel a bar.
 *
 * @param grouping strides, in units of the bar's meter
 * @param why reasons, in a few words
 * @param ways lists of bars it can be written as, at least one, the first the plainest
 * @param effort how hard it is to feel: the smaller, the easier
 */
public record Reading(Grouping grouping, ReadingApproach approach, String why, List<List<Meter>> ways, long effort) {
    public Reading {
        ways = ways.stream().map(List::copyOf).toList();
    }

    /** Returns the bars it is written as first. */
    public List<Meter> writtenAs() {
        return ways.get(0);
    }

    /** Returns the other lists of bars it can be written as, perhaps none. */
    public List<List<Meter>> alsoWrittenAs() {
        return ways.subList(1, ways.size());
    }
}
