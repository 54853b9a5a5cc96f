package nimblestride.core.kit.band;

import nimblestride.core.time.value.NoteValue;

/**
 * A note of the band.
 *
 * @param at from the start of the phrase, counted on through the rounds
 * @param midiKey pitch; 60 is middle C
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
