package nimblestride.sound.kit;

import static nimblestride.core.groove.Kit.*;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import nimblestride.core.groove.Kit;
import nimblestride.core.groove.Voice;

/** Every voice of the kit made from decaying tones and noise, at a given number of samples a second. */
public final class SynthesisedKit implements SoundSet {
    private final Map<Voice, Sound> voices = new HashMap<>();
    private final List<Sound> clicks;

    public SynthesisedKit(int sampleRate) {
        Tone tone = new Tone(sampleRate);
        voices.put(KICK, tone.swept(150, 48, 0.30, 0.9));
        voices.put(SNARE, Tone.mixed(tone.noise(0.16, 0.55, 0.55), tone.swept(220, 170, 0.12, 0.45)));
        voices.put(CROSS_STICK, Tone.mixed(tone.partials(0.05, 0.5, 830, 1710), tone.noise(0.015, 0.3, 0.8)));
        voices.put(HI_HAT, tone.noise(0.05, 0.35, 0.97));
        voices.put(OPEN_HI_HAT, tone.noise(0.42, 0.32, 0.97));
        voices.put(FOOT_HI_HAT, tone.noise(0.09, 0.25, 0.90));
        voices.put(RIDE, Tone.mixed(tone.partials(0.7, 0.2, 2130, 3370, 4790, 6110), tone.noise(0.25, 0.14, 0.97)));
        voices.put(RIDE_BELL, tone.partials(0.8, 0.4, 1180, 2240, 3390, 5210));
        voices.put(CRASH, tone.noise(1.1, 0.40, 0.90));
        voices.put(CHINA, Tone.mixed(tone.noise(0.8, 0.36, 0.80), tone.partials(0.5, 0.12, 730, 1090, 1570)));
        voices.put(SPLASH, tone.noise(0.35, 0.38, 0.93));
        voices.put(HIGH_TOM, tone.swept(270, 210, 0.26, 0.7));
        voices.put(MIDDLE_TOM, tone.swept(210, 155, 0.30, 0.7));
        voices.put(LOW_TOM, tone.swept(165, 118, 0.34, 0.75));
        voices.put(FLOOR_TOM, tone.swept(125, 84, 0.42, 0.8));
        voices.put(COWBELL, tone.partials(0.22, 0.5, 562, 845, 1690));
        voices.put(WOODBLOCK, tone.partials(0.07, 0.6, 920, 1840));
        voices.put(CLAVES, tone.partials(0.09, 0.6, 2480));
        voices.put(TAMBOURINE, Tone.mixed(tone.noise(0.18, 0.28, 0.98), tone.partials(0.2, 0.12, 5230, 6870)));
        voices.put(SHAKER, tone.noise(0.08, 0.25, 0.95));
        clicks = List.of(
                tone.partials(0.07, 0.5, 2093, 3136, 4186),
                tone.partials(0.045, 0.5, 1568, 3136),
                tone.partials(0.035, 0.32, 1175),
                tone.partials(0.03, 0.26, 784),
                tone.partials(0.02, 0.18, 932));
        if (!voices.keySet().containsAll(Kit.voices())) {
            throw new IllegalStateException("a voice of the kit has no sound");
        }
    }

    @Override
    public Sound voice(Voice voice) {
        Sound own = voices.get(voice);
        return own != null ? own : voices.get(like(voice));
    }

    /** A voice of the player's own sounds like that of the kit with its key, or else like a drum its limb might play. */
    private static Voice like(Voice voice) {
        return Kit.voices().stream()
                .filter(known -> known.midiKey() == voice.midiKey())
                .findFirst()
                .orElse(voice.limb().isHand() ? MIDDLE_TOM : KICK);
    }

    @Override
    public Sound click(int strength) {
        return clicks.get(strength);
    }
}
