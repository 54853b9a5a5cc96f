package nimblestride.sound.render;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.time.value.NoteValue;

/**
 * What the click says, and where it keeps silent.
 *
 * @param levels on what it clicks; none for no click
 * @param silence in which bars it keeps silent
 * @param everyBars it clicks in one bar of so many only: 1 for every bar, up to {@value Silence#MOST_BARS}
 * @param pulse what runs on across the bar lines from the beginning, for {@link Level#PULSE}
 * @param layer the name of the layer that is clicked, for {@link Level#LAYER}; empty for the first
 */
public record ClickSettings(
        Set<Level> levels, SilentBars silence, int everyBars, NoteValue pulse, Optional<String> layer) {
    /** A pulse quicker than this is no pulse any more. */
    public static final NoteValue MIN_PULSE = NoteValue.of(1, 64);

    /** From the strongest to the weakest; where several fall together, the strongest is heard. */
    public enum Level {
        /** The 1 of the phrase. */
        PHRASE(0),
        /** The 1 of each bar. */
        BAR(1),
        /** The beat that comes after the next change of gear, so that it is reached with the change. */
        NEW_BEAT(2),
        /** A pulse threaded through the bars from the beginning on. */
        PULSE(3),
        /** Each hit of a layer. */
        LAYER(4),
        /** The beginning of each group. */
        GROUP(5),
        /** Halfway between the beats. */
        OFF_BEAT(6),
        /** Each unit of the bar. */
        UNIT(7);

        private final int strength;

        Level(int strength) {
            this.strength = strength;
        }

        /** Which click it has, from 0, the strongest, to {@value nimblestride.sound.kit.SampleSet#WEAKEST_CLICK}. */
        int strength() {
            return strength;
        }
    }

    public static final ClickSettings NONE =
            new ClickSettings(Set.of(), SilentBars.NEVER, 1, NoteValue.QUARTER, Optional.empty());

    /** The 1 of each bar and the beginning of each group. */
    public static final ClickSettings DEFAULT = NONE.with(Level.BAR, true).with(Level.GROUP, true);

    public ClickSettings {
        levels = Set.copyOf(levels);
        if (everyBars < 1 || everyBars > SilentBars.MOST_BARS) {
            throw new InvalidValueException(
                    "the click comes every 1 to " + SilentBars.MOST_BARS + " bars, not every " + everyBars);
        }
        if (pulse.compareTo(MIN_PULSE) < 0) {
            throw new InvalidValueException("a pulse is " + MIN_PULSE + " or longer, not " + pulse);
        }
    }

    public ClickSettings with(Level level, boolean on) {
        Set<Level> changed = EnumSet.noneOf(Level.class);
        changed.addAll(levels);
        if (on) {
            changed.add(level);
        } else {
            changed.remove(level);
        }
        return new ClickSettings(changed, silence, everyBars, pulse, layer);
    }

    public ClickSettings silent(SilentBars newSilence) {
        return new ClickSettings(levels, newSilence, everyBars, pulse, layer);
    }

    /** In one bar of so many only. */
    public ClickSettings onceIn(int bars) {
        return new ClickSettings(levels, silence, bars, pulse, layer);
    }

    public ClickSettings pulsing(NoteValue newPulse) {
        return new ClickSettings(levels, silence, everyBars, newPulse, layer);
    }

    public ClickSettings onLayer(String name) {
        return new ClickSettings(levels, silence, everyBars, pulse, Optional.of(name));
    }

    /** Whether it is heard in a bar at all. */
    public boolean isHeardAfter(long barsPlayed) {
        return !silence.isSilentAfter(barsPlayed) && barsPlayed % everyBars == 0;
    }
}
