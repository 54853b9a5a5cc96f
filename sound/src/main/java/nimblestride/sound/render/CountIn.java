package nimblestride.sound.render;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.time.counting.Counting;
import nimblestride.core.time.counting.CountingSystem;
import nimblestride.core.time.counting.SpokenSyllable;
import nimblestride.core.time.counting.Subdivision;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.value.NoteValue;
import nimblestride.sound.render.ClickSettings.Level;

/**
 * The count before playing starts: the bar it starts in, a number of times, with a click for each syllable; and where
 * it starts within the bar, that bar up to there.
 *
 * @param bars from 0, for none, to {@value #MAX_BARS}
 */
public record CountIn(int bars, Counting counting, Subdivision subdivision) {
    /** The most bars. */
    public static final int MAX_BARS = 8;

    /** No count-in. */
    public static final CountIn NONE = new CountIn(0, Counting.of(CountingSystem.BEATS), Subdivision.AS_WRITTEN);

    /** @throws nimblestride.core.foundation.failure.InvalidValueException if the bars are out of range */
    public CountIn {
        if (bars < 0 || bars > MAX_BARS) {
            throw new InvalidValueException("count in 0 to " + MAX_BARS + " bars, not " + bars);
        }
    }

    /** Returns a count-in of some bars, in beats and syllables. */
    public static CountIn of(int bars) {
        return new CountIn(bars, Counting.of(CountingSystem.BEATS), Subdivision.AS_WRITTEN);
    }

    /**
     * Returns how long it lasts.
     *
     * @param within where in the bar playing starts
     */
    NoteValue length(Bar bar, NoteValue within) {
        return bars == 0 ? NoteValue.ZERO : bar.length().times(bars).plus(within);
    }

    /** Returns the clicks, from the start of the count-in: the 1 and the beats stand out. */
    Map<NoteValue, Level> clicks(Bar bar, NoteValue within) {
        Map<NoteValue, Level> clicks = new TreeMap<>();
        NoteValue end = length(bar, within);
        List<SpokenSyllable> said = counting.count(bar, subdivision);
        Set<NoteValue> beats = Set.copyOf(bar.beats().starts());
        for (int round = 0; round <= bars; round++) {
            for (SpokenSyllable syllable : said) {
                NoteValue at = bar.length().times(round).plus(syllable.at());
                if (at.compareTo(end) < 0) {
                    clicks.put(at, level(syllable, beats));
                }
            }
        }
        return clicks;
    }

    private static Level level(SpokenSyllable syllable, Set<NoteValue> beats) {
        return syllable.at().isZero() ? Level.BAR : beats.contains(syllable.at()) ? Level.BEAT : Level.UNIT;
    }

    /**
     * Returns the syllable now; empty before and after the count-in.
     *
     * @param left until playing starts, in whole notes
     */
    public String saying(Bar bar, NoteValue within, double left) {
        double since = length(bar, within).toDouble() - left;
        if (since < 0 || left <= 0) {
            return "";
        }
        double inBar = since % bar.length().toDouble();
        String last = "";
        for (SpokenSyllable syllable : counting.count(bar, subdivision)) {
            if (syllable.at().toDouble() <= inBar + 1e-9) {
                last = syllable.syllable();
            }
        }
        return last;
    }
}
