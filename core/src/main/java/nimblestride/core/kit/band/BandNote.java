package nimblestride.core.kit.band;

import nimblestride.core.time.value.NoteValue;

/**
 * A note of the band.
 *
 * @param at from the beginning of the phrase, rounds counted on
 * @param midiKey its pitch, 60 for the middle C
 * @param strength from 0 to 1
 */
public record BandNote(NoteValue at, NoteValue length, Player player, int midiKey, double strength) {
    /** Who plays it. */
    public enum Player {
        BASS,
        CHORDS,
        DRONE
    }
}
