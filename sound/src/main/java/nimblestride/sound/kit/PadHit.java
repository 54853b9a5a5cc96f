package nimblestride.sound.kit;

import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.voice.Voice;

/** A hit on a pad, a key of the computer, or by the simulated player. */
public record PadHit(Voice voice, Dynamic level) {
    private static final int LOUDEST = 127;

    /**
     * Returns a hit on a MIDI pad at the dynamic with the nearest strength.
     *
     * @param velocity from 1 to 127
     */
    public static PadHit of(Voice voice, int velocity) {
        double strength = (double) velocity / LOUDEST;
        Dynamic nearest = Dynamic.NORMAL;
        for (Dynamic level : Dynamic.values()) {
            if (Math.abs(level.strength() - strength) < Math.abs(nearest.strength() - strength)) {
                nearest = level;
            }
        }
        return new PadHit(voice, nearest);
    }
}
