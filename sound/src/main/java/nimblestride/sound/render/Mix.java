package nimblestride.sound.render;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;

/**
 * How loud each layer is against the others. Layers are called by their names; one that is not named is as loud as it is
 * played.
 *
 * @param levels from 0 to {@value #LOUDEST}, of what is played
 * @param muted those that are not heard
 * @param alone where there are any, only these are heard, but for muted ones
 * @param click how loud the click is, from 0 to {@value #LOUDEST}
 */
public record Mix(Map<String, Double> levels, Set<String> muted, Set<String> alone, double click) {
    public static final double LOUDEST = 2;

    /** Everything as it is played. */
    public static final Mix EVEN = new Mix(Map.of(), Set.of(), Set.of(), 1);

    public Mix {
        levels = Map.copyOf(levels);
        muted = Set.copyOf(muted);
        alone = Set.copyOf(alone);
        levels.values().forEach(Mix::check);
        check(click);
    }

    private static void check(double level) {
        if (!(level >= 0 && level <= LOUDEST)) {
            throw new IllegalArgumentException("a level is from 0 to " + LOUDEST + ", not " + level);
        }
    }

    /** How loud a layer is heard, 0 for not at all. */
    public double of(String layer) {
        boolean heard = !muted.contains(layer) && (alone.isEmpty() || alone.contains(layer));
        return heard ? levels.getOrDefault(layer, 1.0) : 0;
    }

    public Mix withLevel(String layer, double level) {
        Map<String, Double> changed = new HashMap<>(levels);
        changed.put(layer, level);
        return new Mix(changed, muted, alone, click);
    }

    public Mix muting(String layer, boolean on) {
        return new Mix(levels, changed(muted, layer, on), alone, click);
    }

    public Mix alone(String layer, boolean on) {
        return new Mix(levels, muted, changed(alone, layer, on), click);
    }

    public Mix withClick(double level) {
        return new Mix(levels, muted, alone, level);
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
