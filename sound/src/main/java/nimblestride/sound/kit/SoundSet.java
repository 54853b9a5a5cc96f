package nimblestride.sound.kit;

import nimblestride.core.groove.Voice;

/** The recordings a renderer mixes: one of each voice and of each level of the click, mono, from -1 to 1. */
public interface SoundSet {
    /** What a click says. */
    enum Click {
        /** The 1 of a bar. */
        BAR,
        /** The beginning of a group. */
        GROUP
    }

    Sound voice(Voice voice);

    Sound click(Click click);
}
