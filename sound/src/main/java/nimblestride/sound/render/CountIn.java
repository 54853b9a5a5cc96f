package nimblestride.sound.render;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.time.counting.CountingSystem;
import nimblestride.core.time.counting.SpokenSyllable;
import nimblestride.core.time.counting.Subdivision;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.value.NoteValue;
import nimblestride.sound.render.ClickSettings.Level;

/**
 * What is counted before playing begins: the bar it begins in, so many times, said as a school says it, a click for each
 * syllable; and where it begins within the bar, that bar up to there.
 *
 * @param bars from 0, for none, to {@value #MAX_BARS}
 */
public record CountIn(int bars, CountingSystem countingSystem, Subdivision subdivision) {
    public static final int MAX_BARS = 8;

    /** It begins at once. */
    public static final CountIn NONE = new CountIn(0, CountingSystem.BEATS, Subdivision.AS_WRITTEN);

    public CountIn {
        if (bars < 0 || bars > MAX_BARS) {
            throw new InvalidValueException("from 0 to " + MAX_BARS + " bars are counted in, not " + bars);
        }
    }

    /** So many bars, beats and syllables. */
    public static CountIn of(int bars) {
        return new CountIn(bars, CountingSystem.BEATS, Subdivision.AS_WRITTEN);
    }

    /**
     * How long it lasts.
     *
     * @param within where in the bar playing begins
     */
    NoteValue length(Bar bar, NoteValue within) {
        return bars == 0 ? NoteValue.ZERO : bar.length().times(bars).plus(within);
    }

    /** The clicks, from the beginning of the count-in: the 1 and the groups stand out. */
    Map<NoteValue, Level> clicks(Bar bar, NoteValue within) {
        Map<NoteValue, Level> clicks = new TreeMap<>();
        NoteValue end = length(bar, within);
        List<SpokenSyllable> said = countingSystem.count(bar, subdivision);
        for (int round = 0; round <= bars; round++) {
            for (SpokenSyllable syllable : said) {
                NoteValue at = bar.length().times(round).plus(syllable.at());
                if (at.compareTo(end) < 0) {
                    clicks.put(at, level(syllable));
                }
            }
        }
        return clicks;
    }

    private static Level level(SpokenSyllable syllable) {
        return syllable.at().isZero() ? Level.BAR : syllable.startsGroup() ? Level.GROUP : Level.UNIT;
    }

    /**
     * What is being said.
     *
     * @param left how long it still is until playing begins, in whole notes
     * @return empty before the count-in and after it
     */
    public String saying(Bar bar, NoteValue within, double left) {
        double since = length(bar, within).toDouble() - left;
        if (since < 0 || left <= 0) {
            return "";
        }
        double inBar = since % bar.length().toDouble();
        String last = "";
        for (SpokenSyllable syllable : countingSystem.count(bar, subdivision)) {
            if (syllable.at().toDouble() <= inBar + 1e-9) {
                last = syllable.syllable();
            }
        }
        return last;
    }
}
