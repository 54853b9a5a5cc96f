package nimblestride.core.kit.voice;

import java.util.List;

/** The names of pitches, with octaves counted so that middle C is C4 (common practice). */
public final class PitchNames {
    /** The names of the twelve pitches of an octave, from C up, as they are said. */
    public static final List<String> SAID =
            List.of("C", "D flat", "D", "E flat", "E", "F", "F sharp", "G", "A flat", "A", "B flat", "B");

    private PitchNames() {}

    /** Returns the name of a pitch with its octave: {@code A2} for 45, {@code B♭2} for 46. */
    public static String of(int midiKey) {
        return SAID.get(midiKey % SAID.size()).replace(" flat", "♭").replace(" sharp", "♯") + octave(midiKey);
    }

    /** Returns the octave of a pitch: 4 for middle C, which is 60. */
    public static int octave(int midiKey) {
        return midiKey / SAID.size() - 1;
    }
}
