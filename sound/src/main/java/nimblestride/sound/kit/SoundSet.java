package nimblestride.sound.kit;

import nimblestride.core.groove.Voice;

/** The recordings a renderer mixes: one of each voice and of each level of the click, mono, from -1 to 1. */
public interface SoundSet {
    int WEAKEST_CLICK = 4;

    Sound voice(Voice voice);

    /** @param strength of the click, from 0, the strongest, to {@value #WEAKEST_CLICK}: each sounds different */
    Sound click(int strength);

    /** The same voices with a click that is not heard. */
    default SoundSet withoutClick() {
        SoundSet voices = this;
        return new SoundSet() {
            @Override
            public Sound voice(Voice voice) {
                return voices.voice(voice);
            }

            @Override
            public Sound click(int strength) {
                return new Sound();
            }
        };
    }
}
