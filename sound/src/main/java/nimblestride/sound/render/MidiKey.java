package nimblestride.sound.render;

import nimblestride.core.kit.band.BandNote.Player;
import nimblestride.core.kit.voice.Choke;
import nimblestride.core.kit.voice.Kit;
import nimblestride.core.kit.voice.Voice;
import nimblestride.sound.kit.ClickSound;

/**
 * What a MIDI instrument plays: a drum by its key in the General MIDI 1 percussion map, a riff or a tone by its pitch.
 *
 * @param channel from 0; 9 is General MIDI's for percussion (which it counts as the tenth)
 */
public record MidiKey(int channel, int key) {
    /** The percussion channel. */
    public static final int PERCUSSION = 9;

    /** The channel of riffs, after those of the band. */
    private static final int RIFFS = 3;

    /** High and low wood block, and claves: the clicks of the General MIDI 1 percussion map. */
    private static final int[] CLICKS = {76, 76, 75, 75, 75, 77, 77, 77};

    static MidiKey of(Voice voice) {
        return new MidiKey(voice.isRiff() ? RIFFS : PERCUSSION, voice.midiKey());
    }

    static MidiKey click(ClickSound sound, int strength) {
        return new MidiKey(PERCUSSION, sound == ClickSound.COWBELL ? Kit.COWBELL.midiKey() : CLICKS[strength]);
    }

    static MidiKey tone(Player player, int pitch) {
        return new MidiKey(
                switch (player) {
                    case BASS -> 0;
                    case CHORDS -> 1;
                    case DRONE -> 2;
                },
                pitch);
    }

    /**
     * Returns whether it stops what rings: a closed hi-hat chokes an open one, and a string that is plucked again
     * stops what it has sounded.
     */
    boolean cutsOff(MidiKey ringing) {
        return channel == ringing.channel
                && (channel == PERCUSSION ? Choke.cutsOff(key, ringing.key) : channel == RIFFS && key == ringing.key);
    }
}
