package nimblestride.sound.soundfont;

import java.util.HashMap;
import java.util.Map;

/** The settings of a zone, by the numbers of the specification (section 8.1.2): the few that a drum kit needs. */
final class Generators {
    static final int START = 0;
    static final int END = 1;
    static final int START_COARSE = 4;
    static final int END_COARSE = 12;
    static final int INSTRUMENT = 41;
    static final int KEYS = 43;
    static final int VELOCITIES = 44;
    static final int ATTENUATION = 48;
    static final int SEMITONES = 51;
    static final int CENTS = 52;
    static final int SAMPLE = 53;
    static final int CENTS_PER_KEY = 56;
    static final int ROOT_KEY = 58;

    private static final int LOWEST_BYTE = 0xFF;
    private static final int EVERYTHING = 0x7F00;

    private final Map<Integer, Integer> amounts;

    Generators(Map<Integer, Integer> amounts) {
        this.amounts = Map.copyOf(amounts);
    }

    /** Returns these settings and, for what they lack, those of the global zone. */
    Generators over(Generators global) {
        Map<Integer, Integer> both = new HashMap<>(global.amounts);
        both.putAll(amounts);
        return new Generators(both);
    }

    boolean has(int number) {
        return amounts.containsKey(number);
    }

    int unsigned(int number) {
        return amounts.get(number);
    }

    /** Returns an amount that may be negative. */
    int signed(int number, int usual) {
        Integer amount = amounts.get(number);
        return amount == null ? usual : amount.shortValue();
    }

    /** Returns whether a value lies in a range: its lowest in the low byte, its highest in the high one. */
    boolean includes(int range, int value) {
        int amount = amounts.getOrDefault(range, EVERYTHING);
        return value >= (amount & LOWEST_BYTE) && value <= (amount >> Byte.SIZE);
    }
}
