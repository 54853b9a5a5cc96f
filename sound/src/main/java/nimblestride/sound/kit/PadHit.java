package nimblestride.sound.kit;

import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.voice.Voice;

/** A stroke somebody plays, on a pad, a key of the computer, or in place of somebody. */
public record PadHit(Voice voice, Dynamic level) {
    private static final int LOUDEST = 127;

    /**
     * A stroke on a MIDI pad.
     *
     * @param velocity from 1 to 127: the level whose strength is nearest
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
