package nimblestride.core.time.reading;

import java.util.List;
import nimblestride.core.time.meter.Grouping;
import nimblestride.core.time.meter.Meter;

/**
 * One way to group and feel a bar.
 *
 * @param grouping strides, in units of the bar's meter
 * @param why reasons, in a few words
 * @param writtenAs bars it would be written as
 * @param effort how hard it is to feel: the smaller, the easier
 */
public record Reading(Grouping grouping, ReadingApproach approach, String why, List<Meter> writtenAs, long effort) {
    public Reading {
        writtenAs = List.copyOf(writtenAs);
    }
}
