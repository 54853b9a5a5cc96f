package nimblestride.sound.render;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.function.UnaryOperator;
import nimblestride.core.foundation.failure.InvalidValueException;

/**
 * How loud everything is.
 *
 * @param layers by name
 * @param voices by name
 * @param click from 0 to {@value #LOUDEST}
 * @param band from 0 to {@value #LOUDEST}
 * @param room how loud the room answers, from 0 (no room) to {@value #LOUDEST}
 */
public record Mix(Levels layers, Levels voices, double click, double band, double room) {
    /** The loudest level; 1 is unchanged. */
    public static final double LOUDEST = 2;

    /** Everything unchanged, in no room. */
    public static final Mix EVEN = new Mix(Levels.EVEN, Levels.EVEN, 1, 1, 0);

    /** Everything unchanged, in a room. */
    public static final Mix IN_A_ROOM = EVEN.withRoom(1);

    public Mix {
        check(click);
        check(band);
        check(room);
    }

    private static void check(double level) {
        if (!(level >= 0 && level <= LOUDEST)) {
            throw new InvalidValueException("set a level from 0 to " + LOUDEST + ", not " + level);
        }
    }

    /**
     * The levels of what has a name; what is not named is unchanged.
     *
     * @param levels from 0 to {@value Mix#LOUDEST}
     * @param muted what is silent
     * @param alone if not empty, only these play, unless they are muted
     */
    public record Levels(Map<String, Double> levels, Set<String> muted, Set<String> alone) {
        public static final Levels EVEN = new Levels(Map.of(), Set.of(), Set.of());

        public Levels {
            levels = Map.copyOf(levels);
            muted = Set.copyOf(muted);
            alone = Set.copyOf(alone);
            levels.values().forEach(Mix::check);
        }

        /** Returns how loud it plays, 0 for silent. */
        public double of(String name) {
            boolean heard = !muted.contains(name) && (alone.isEmpty() || alone.contains(name));
            return heard ? set(name) : 0;
        }

        /** Returns how loud it is set, muted or not. */
        public double set(String name) {
            return levels.getOrDefault(name, 1.0);
        }

        /** Returns the levels with another one. */
        public Levels with(String name, double level) {
            Map<String, Double> changed = new HashMap<>(levels);
            changed.put(name, level);
            return new Levels(changed, muted, alone);
        }

        /** Returns the levels with a name muted, or not. */
        public Levels muting(String name, boolean on) {
            return new Levels(levels, changed(muted, name, on), alone);
        }

        /** Returns the levels with a name solo, or not. */
        public Levels alone(String name, boolean on) {
            return new Levels(levels, muted, changed(alone, name, on));
        }

        private static Set<String> changed(Set<String> names, String name, boolean in) {
            Set<String> changed = new HashSet<>(names);
            if (in) {
                changed.add(name);
            } else {
                changed.remove(name);
            }
            return changed;
        }
    }

    /**
     * Returns what lasts from one exercise to the next: the levels of voices, click, band, and room; not those of layers,
     * and not what is muted or solo.
     */
    public Mix lasting() {
        return new Mix(Levels.EVEN, new Levels(voices.levels, Set.of(), Set.of()), click, band, room);
    }

    /** Returns the mix with changed layers. */
    public Mix layers(UnaryOperator<Levels> change) {
        return new Mix(change.apply(layers), voices, click, band, room);
    }

    /** Returns the mix with changed voices. */
    public Mix voices(UnaryOperator<Levels> change) {
        return new Mix(layers, change.apply(voices), click, band, room);
    }

    /** Returns the mix with another level of the click. */
    public Mix withClick(double level) {
        return new Mix(layers, voices, level, band, room);
    }

    /** Returns the mix with another level of the band. */
    public Mix withBand(double level) {
        return new Mix(layers, voices, click, level, room);
    }

    /** Returns the mix in another room; 0 for none. */
    public Mix withRoom(double level) {
        return new Mix(layers, voices, click, band, level);
    }
}
