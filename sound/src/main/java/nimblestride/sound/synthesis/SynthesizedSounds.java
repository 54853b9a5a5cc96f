package nimblestride.sound.synthesis;

import java.util.List;
import java.util.stream.IntStream;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.sound.kit.Sample;

/** The tones of the click, plucked riffs, and the drone, made at a sample rate from decaying tones and noise. */
public final class SynthesizedSounds {
    /** How many plucks of the same tone take turns. */
    public static final int PLUCKS = 3;

    private static final double CONCERT_PITCH = 440;
    private static final int CONCERT_KEY = 69;

    private final List<ToneSynth> sources;
    private final List<Sample> clicks;

    /** @param sampleRate samples per second */
    public SynthesizedSounds(int sampleRate) {
        this.sources = IntStream.range(0, PLUCKS)
                .mapToObj(turn -> new ToneSynth(sampleRate, turn))
                .toList();
        ToneSynth tone = sources.get(0);
        clicks = List.of(
                tone.partials(0.07, 0.5, 2093, 3136, 4186),
                tone.partials(0.045, 0.5, 1568, 3136),
                tone.partials(0.05, 0.42, 1865, 1397),
                tone.partials(0.045, 0.40, 659, 1319, 1976),
                tone.partials(0.04, 0.36, 1047, 1976),
                tone.partials(0.035, 0.32, 1175),
                tone.partials(0.03, 0.26, 784),
                tone.partials(0.02, 0.18, 932));
    }

    /**
     * Returns a click.
     *
     * @param strength from 0, the strongest, to {@value nimblestride.sound.kit.SampleSet#WEAKEST_CLICK}
     */
    public Sample click(int strength) {
        return clicks.get(strength);
    }

    /**
     * Makes a plucked string.
     *
     * @param midiKey pitch; 60 is middle C
     * @param turn from 0; plucks differ a little
     */
    public Sample plucked(int midiKey, Dynamic level, int turn) {
        return sources.get(turn % PLUCKS).plucked(frequency(midiKey), level.strength());
    }

    /**
     * Makes a tone that is held until it is released.
     *
     * @param midiKey pitch; 60 is middle C
     */
    public Sample drone(int midiKey) {
        return sources.get(0).held(frequency(midiKey), 0.22, 0.8, 1, 0.55, 0.4, 0.2, 0.12, 0.06);
    }

    private static double frequency(int midiKey) {
        return CONCERT_PITCH * Math.pow(2, (midiKey - CONCERT_KEY) / 12.0);
    }
}
