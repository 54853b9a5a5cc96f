package nimblestride.core.kit.voice;

import java.util.Set;

/**
 * What a stroke cuts off. The two cymbals of a hi-hat are one instrument: closed by the stick hand or by the foot, what rang
 * open is silent (common practice). General MIDI gives the three ways of playing it the keys 42, 44 and 46 (quoted from
 * memory), so that voices of the player's own with these keys choke as well.
 */
public final class Choke {
    private static final int OPEN = Kit.OPEN_HI_HAT.midiKey();
    private static final Set<Integer> CLOSING = Set.of(Kit.HI_HAT.midiKey(), Kit.FOOT_HI_HAT.midiKey());

    private Choke() {}

    /** Whether a stroke cuts off what rings, both given by their keys in the General MIDI percussion map. */
    public static boolean cutsOff(int struckKey, int ringingKey) {
        return ringingKey == OPEN && (CLOSING.contains(struckKey) || struckKey == OPEN);
    }
}
