package nimblestride.sound.render;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import nimblestride.core.crossing.Beat;
import nimblestride.core.meter.Bar;
import nimblestride.core.meter.Phrase;
import nimblestride.core.value.NoteValue;

/**
 * What the click says, and where it keeps silent. Silence asks the player to keep time alone (common practice).
 *
 * @param levels on what it clicks; none for no click
 * @param silentBars in how many bars of every so many it keeps silent, from 0
 * @param ofBars of how many, more than are silent; the silent ones are the last of them
 * @param everyBars it clicks in one bar of so many only: 1 for every bar
 */
public record Click(Set<Level> levels, int silentBars, int ofBars, int everyBars) {
    public static final int MOST_BARS = 64;

    /** From the strongest to the weakest; where several fall together, the strongest is heard. */
    public enum Level {
        PHRASE,
        BAR,
        GROUP,
        OFF_BEAT,
        UNIT
    }

    /** The 1 of each bar and the beginning of each group. */
    public static final Click USUAL = new Click(EnumSet.of(Level.BAR, Level.GROUP), 0, 1, 1);

    public static final Click NONE = new Click(Set.of(), 0, 1, 1);

    public Click {
        levels = Set.copyOf(levels);
        if (ofBars < 1 || ofBars > MOST_BARS || silentBars < 0 || silentBars >= ofBars) {
            throw new IllegalArgumentException("the click keeps silent in fewer bars than there are, of 1 to "
                    + MOST_BARS + ", and not in " + silentBars + " of " + ofBars);
        }
        if (everyBars < 1 || everyBars > MOST_BARS) {
            throw new IllegalArgumentException(
                    "the click comes every 1 to " + MOST_BARS + " bars, not every " + everyBars);
        }
    }

    public Click with(Level level, boolean on) {
        Set<Level> changed = EnumSet.noneOf(Level.class);
        changed.addAll(levels);
        if (on) {
            changed.add(level);
        } else {
            changed.remove(level);
        }
        return new Click(changed, silentBars, ofBars, everyBars);
    }

    /** Silent in so many bars of every so many. */
    public Click silent(int bars, int of) {
        return new Click(levels, bars, of, everyBars);
    }

    /** In one bar of so many only. */
    public Click onceIn(int bars) {
        return new Click(levels, silentBars, ofBars, bars);
    }

    /** Something to click. */
    record Tick(NoteValue at, Level level) {}

    /** Whether it is heard in a bar at all. */
    boolean isHeardAfter(long barsPlayed) {
        return barsPlayed % ofBars < ofBars - silentBars && barsPlayed % everyBars == 0;
    }

    /**
     * What it clicks in a bar, from the start of that bar, in order.
     *
     * @param number of the bar, rounds of the phrase counted on
     * @param played how many bars have been played before it: silences are counted in those
     */
    List<Tick> in(Phrase phrase, long number, long played) {
        if (levels.isEmpty() || !isHeardAfter(played)) {
            return List.of();
        }
        Bar bar = phrase.bar(number);
        NoteValue unit = bar.meter().unit();
        List<NoteValue> groups = bar.groupStarts();
        List<Tick> ticks = new ArrayList<>();
        NoteValue half = Beat.of(bar).dividedBy(2);
        NoteValue step = levels.contains(Level.OFF_BEAT) ? unit.greatestCommonDivisor(half) : unit;
        for (NoteValue at = NoteValue.ZERO; at.compareTo(bar.length()) < 0; at = at.plus(step)) {
            boolean phraseStarts = at.isZero() && number % phrase.bars().size() == 0;
            boolean offBeat = at.isMultipleOf(half) && !at.isMultipleOf(half.times(2));
            Level strongest = phraseStarts && levels.contains(Level.PHRASE)
                    ? Level.PHRASE
                    : at.isZero() && levels.contains(Level.BAR)
                            ? Level.BAR
                            : levels.contains(Level.GROUP) && groups.contains(at)
                                    ? Level.GROUP
                                    : offBeat && levels.contains(Level.OFF_BEAT) ? Level.OFF_BEAT : Level.UNIT;
            boolean asked = strongest != Level.UNIT || (levels.contains(Level.UNIT) && at.isMultipleOf(unit));
            if (asked) {
                ticks.add(new Tick(at, strongest));
            }
        }
        return ticks;
    }
}
