package nimblestride.sound.render;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.function.UnaryOperator;
import nimblestride.core.foundation.failure.InvalidValueException;

/**
 * How loud everything is against everything else.
 *
 * @param layers by their names
 * @param voices by their names
 * @param click how loud the click is, from 0 to {@value #LOUDEST}
 * @param band how loud the band is, from 0 to {@value #LOUDEST}
 */
public record Mix(Levels layers, Levels voices, double click, double band) {
    public static final double LOUDEST = 2;

    /** Everything as it is played. */
    public static final Mix EVEN = new Mix(Levels.EVEN, Levels.EVEN, 1, 1);

    public Mix {
        check(click);
        check(band);
    }

    private static void check(double level) {
        if (!(level >= 0 && level <= LOUDEST)) {
            throw new InvalidValueException("a level is from 0 to " + LOUDEST + ", not " + level);
        }
    }

    /**
     * Levels of what has a name; what is not named is as loud as it is played.
     *
     * @param levels from 0 to {@value Mix#LOUDEST}, of what is played
     * @param muted those that are not heard
     * @param alone where there are any, only these are heard, but for muted ones
     */
    public record Levels(Map<String, Double> levels, Set<String> muted, Set<String> alone) {
        public static final Levels EVEN = new Levels(Map.of(), Set.of(), Set.of());

        public Levels {
            levels = Map.copyOf(levels);
            muted = Set.copyOf(muted);
            alone = Set.copyOf(alone);
            levels.values().forEach(Mix::check);
        }

        /** How loud it is heard, 0 for not at all. */
        public double of(String name) {
            boolean heard = !muted.contains(name) && (alone.isEmpty() || alone.contains(name));
            return heard ? set(name) : 0;
        }

        /** How loud it is where it is heard. */
        public double set(String name) {
            return levels.getOrDefault(name, 1.0);
        }

        public Levels with(String name, double level) {
            Map<String, Double> changed = new HashMap<>(levels);
            changed.put(name, level);
            return new Levels(changed, muted, alone);
        }

        public Levels muting(String name, boolean on) {
            return new Levels(levels, changed(muted, name, on), alone);
        }

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
     * What lasts from one exercise to the next: how loud voices, click and band are; not how loud a layer is, and not what is muted or
     * heard alone.
     */
    public Mix lasting() {
        return new Mix(Levels.EVEN, new Levels(voices.levels, Set.of(), Set.of()), click, band);
    }

    public Mix layers(UnaryOperator<Levels> change) {
        return new Mix(change.apply(layers), voices, click, band);
    }

    public Mix voices(UnaryOperator<Levels> change) {
        return new Mix(layers, change.apply(voices), click, band);
    }

    public Mix withClick(double level) {
        return new Mix(layers, voices, level, band);
    }

    public Mix withBand(double level) {
        return new Mix(layers, voices, click, level);
    }
}
