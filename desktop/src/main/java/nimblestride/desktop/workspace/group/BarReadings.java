package nimblestride.desktop.workspace.group;

import java.util.List;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.reading.EighthStrides;
import nimblestride.core.time.reading.PhraseReadings;
import nimblestride.core.time.reading.Reading;
import nimblestride.core.time.reading.ReadingFilter;
import nimblestride.core.time.reading.Readings;

/**
 * What the readings page shows of a bar.
 *
 * @param best the best readings, easiest first
 * @param inEighths the bar in strides of eighths, where it is counted in quarters
 * @param ofPhrase other bars for the whole phrase
 */
record BarReadings(Bar bar, List<Reading> best, List<List<Bar>> inEighths, List<List<Bar>> ofPhrase) {
    private static final int MOST_IN_EIGHTHS = 4;
    private static final int MOST_OF_PHRASE = 6;

    static BarReadings of(Phrase phrase, Bar bar, ReadingFilter filter, int most) {
        return new BarReadings(
                bar,
                best(bar, filter, most),
                EighthStrides.of(bar.meter())
                        .limit(MOST_IN_EIGHTHS)
                        .map(List::of)
                        .toList(),
                PhraseReadings.of(phrase).limit(MOST_OF_PHRASE).toList());
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
