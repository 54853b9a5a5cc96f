package nimblestride.sound.render;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.time.value.NoteValue;
import nimblestride.sound.kit.ClickSound;

/**
 * What the click plays, and where it is silent.
 *
 * @param levels on what it clicks; none for no click
 * @param silence bars in which it is silent
 * @param everyBars clicks in one bar of so many: 1 for every bar, up to {@value SilentBars#MAX_BARS}
 * @param pulse that runs on across the bar lines from the start, for {@link Level#PULSE}
 * @param layer name of the layer that is clicked, for {@link Level#LAYER}; empty for the first
 * @param sound what it is played on
 */
public record ClickSettings(
        Set<Level> levels,
        SilentBars silence,
        int everyBars,
        NoteValue pulse,
        Optional<String> layer,
        ClickSound sound) {
    /** The shortest pulse; anything quicker is no pulse any more. */
    public static final NoteValue MIN_PULSE = NoteValue.of(1, 64);

    /** What it clicks on, strongest first; where several fall together, the strongest plays. */
    public enum Level {
        /** The 1 of the phrase. */
        PHRASE(0),
        /** The 1 of each bar. */
        BAR(1),
        /** The beat after the next modulation, so that it arrives with the change. */
        NEW_BEAT(2),
        /** A pulse across the bars, from the start. */
        PULSE(3),
        /** Each hit of a layer. */
        LAYER(4),
        /** Each beat that is longer than the bar's shortest; on with {@link #BEAT}. */
        LONG_BEAT(4),
        /** Each beat of the bar. */
        BEAT(5),
        /** Halfway between the beats. */
        OFF_BEAT(6),
        /** Each unit of the bar. */
        UNIT(7);

        private final int strength;

        Level(int strength) {
            this.strength = strength;
        }

        /**
         * Returns which click it is, from 0 (strongest) to {@value nimblestride.sound.kit.SampleSet#WEAKEST_CLICK}.
         */
        int strength() {
            return strength;
        }
    }

    /** No click. */
    public static final ClickSettings NONE =
            new ClickSettings(Set.of(), SilentBars.NEVER, 1, NoteValue.QUARTER, Optional.empty(), ClickSound.TONES);

    /** The 1 of each bar and each beat. */
    public static final ClickSettings DEFAULT = NONE.with(Level.BAR, true).with(Level.BEAT, true);

    /** @throws nimblestride.core.foundation.failure.InvalidValueException if a number is out of range */
    public ClickSettings {
        levels = Set.copyOf(levels);
        if (everyBars < 1 || everyBars > SilentBars.MAX_BARS) {
            throw new InvalidValueException(
                    "play the click every 1 to " + SilentBars.MAX_BARS + " bars, not every " + everyBars);
        }
        if (pulse.compareTo(MIN_PULSE) < 0) {
            throw new InvalidValueException("use a pulse of " + MIN_PULSE + " or longer, not " + pulse);
        }
    }

    /** Returns the settings with a level on or off. */
    public ClickSettings with(Level level, boolean on) {
        Set<Level> changed = EnumSet.noneOf(Level.class);
        changed.addAll(levels);
        if (on) {
            changed.add(level);
        } else {
            changed.remove(level);
        }
        return new ClickSettings(changed, silence, everyBars, pulse, layer, sound);
    }

    /** Returns the settings with other silent bars. */
    public ClickSettings silent(SilentBars newSilence) {
        return new ClickSettings(levels, newSilence, everyBars, pulse, layer, sound);
    }

    /** Returns the settings with a click in one bar of so many. */
    public ClickSettings onceIn(int bars) {
        return new ClickSettings(levels, silence, bars, pulse, layer, sound);
    }

    /** Returns the settings with another pulse. */
    public ClickSettings pulsing(NoteValue newPulse) {
        return new ClickSettings(levels, silence, everyBars, newPulse, layer, sound);
    }

    /** Returns the settings with another layer. */
    public ClickSettings onLayer(String name) {
        return new ClickSettings(levels, silence, everyBars, pulse, Optional.of(name), sound);
    }

    /** Returns the settings with another sound. */
    public ClickSettings on(ClickSound newSound) {
        return new ClickSettings(levels, silence, everyBars, pulse, layer, newSound);
    }

    /** Returns whether the click plays in a bar. */
    public boolean isHeardAfter(long barsPlayed) {
        return !silence.isSilentAfter(barsPlayed) && barsPlayed % everyBars == 0;
    }
}
