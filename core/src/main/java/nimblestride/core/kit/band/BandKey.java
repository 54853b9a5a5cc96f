package nimblestride.core.kit.band;

import java.util.List;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.kit.voice.PitchNames;

/**
 * The key the band plays in.
 *
 * @param tonic semitones above C, from 0 to 11
 */
public record BandKey(int tonic, Mode mode) {
    public BandKey {
        if (tonic < 0 || tonic >= PitchNames.SAID.size()) {
            throw new InvalidValueException("choose one of twelve keys, 0 (C) to 11 (B), not " + tonic);
        }
    }

    /** Returns the names of the twelve tonics, from C up. */
    public static List<String> tonics() {
        return PitchNames.SAID;
    }

    /** Returns its name for people: {@code E flat major}. */
    public String title() {
        return PitchNames.SAID.get(tonic) + " " + mode.title();
    }

    /** Returns the lowest MIDI key, from {@code lowest} up, that a step of the scale falls on. */
    int midiKey(int step, int lowest) {
        int key = tonic + mode.semitones(step);
        return lowest + Math.floorMod(key - lowest, 12);
    }
}
