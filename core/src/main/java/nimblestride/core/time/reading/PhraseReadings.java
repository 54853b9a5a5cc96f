package nimblestride.core.time.reading;

import java.util.Iterator;
import java.util.List;
import java.util.Spliterator;
import java.util.Spliterators;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;
import nimblestride.core.foundation.exact.ExactMath;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Grouping;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;

/**
 * Reads a phrase of several bars as a whole, on two levels: which bars that players know fill it, and which strides each
 * of them has.
 */
public final class PhraseReadings {
    private static final int MAX_UNITS = 1_024;
    private static final NoteValue EIGHTH = NoteValue.of(1, 8);

    private PhraseReadings() {}

    /**
     * Returns other lists of bars that last as long as the phrase, easiest first. Each is built when it is asked for.
     * Returns none for a phrase of one bar, or one longer than {@value #MAX_UNITS} of its units.
     */
    public static Stream<List<Bar>> of(Phrase phrase) {
        NoteValue common = phrase.kinds().stream()
                .map(bar -> bar.meter().unit())
                .reduce(NoteValue::greatestCommonDivisor)
                .orElseThrow();
        // Quarters may be heard in strides of eighths.
        NoteValue unit = common.isMultipleOf(EIGHTH) ? EIGHTH : common;
        long units = phrase.length().wholePartsOf(unit);
        if (phrase.bars().size() < 2 || units > MAX_UNITS) {
            return Stream.empty();
        }
        List<BarToken> tokens = BarToken.in(unit, (int) units);
        if (tokens.isEmpty()) {
            return Stream.empty();
        }
        Iterator<BarLists.Found> lists = new BarLists(tokens, (int) units, ReadingFilter.ANY);
        return StreamSupport.stream(Spliterators.spliteratorUnknownSize(lists, Spliterator.ORDERED), false)
                .map(found ->
                        found.bars().stream().map(token -> bar(token, unit)).toList())
                .filter(bars -> !meters(bars).equals(meters(phrase.bars())))
                .distinct();
    }

    private static List<?> meters(List<Bar> bars) {
        return bars.stream().map(Bar::meter).toList();
    }

    /** Returns a known bar in its own unit. */
    private static Bar bar(BarToken token, NoteValue unit) {
        int factor = ExactMath.toInt(token.bar().meter().unit().wholePartsOf(unit));
        boolean whole = token.groups().stream().allMatch(size -> size % factor == 0);
        return whole && token.bar().meter().units() > 4
                ? new Bar(
                        token.bar().meter(),
                        new Grouping(token.groups().stream()
                                .map(size -> size / factor)
                                .toList()))
                : Bar.of(token.bar().meter());
    }
}
