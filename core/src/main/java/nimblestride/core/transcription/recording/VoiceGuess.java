package nimblestride.core.transcription.recording;

import nimblestride.core.kit.voice.Kit;
import nimblestride.core.kit.voice.Voice;

/** Guesses which voice of a kit a single hit is: kick, snare, or hi-hat; others are taken for the nearest of these. */
public final class VoiceGuess {
    /** A kick is heard so much in the low band; a snare is heard there too, but less. */
    private static final double KICK = 0.6;

    private VoiceGuess() {}

    /** Returns the voice. */
    public static Voice of(HeardHit hit) {
        if (hit.low() >= KICK || hit.low() >= Math.max(hit.middle(), hit.high())) {
            return Kit.KICK;
        }
        return hit.high() > hit.middle() ? Kit.HI_HAT : Kit.SNARE;
    }
}
