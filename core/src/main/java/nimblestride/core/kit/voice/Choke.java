package nimblestride.core.kit.voice;

import java.util.Set;

/**
 * What a stroke cuts off. The two cymbals of a hi-hat are one instrument: when the hand or the foot plays it closed,
 * the open sound stops (common practice). General MIDI gives its three sounds the keys 42, 44, and 46, so voices of
 * the player's own with these keys choke as well.
 */
public final class Choke {
    private static final int OPEN = Kit.OPEN_HI_HAT.midiKey();
    private static final Set<Integer> CLOSING = Set.of(Kit.HI_HAT.midiKey(), Kit.FOOT_HI_HAT.midiKey());

    private Choke() {}

    /** Returns whether the sound of a key of the General MIDI 1 percussion map rings until a stroke cuts it off. */
    public static boolean rings(int key) {
        return key == OPEN;
    }

    /** Returns whether a stroke cuts off what rings; both are keys of the General MIDI 1 percussion map. */
    public static boolean cutsOff(int struckKey, int ringingKey) {
        return ringingKey == OPEN && (CLOSING.contains(struckKey) || struckKey == OPEN);
    }
}
