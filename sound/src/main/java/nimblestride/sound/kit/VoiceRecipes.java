package nimblestride.sound.kit;

import static nimblestride.core.kit.voice.Kit.*;
import static nimblestride.sound.kit.ToneSynth.mixed;

import java.util.Map;
import nimblestride.core.kit.voice.Voice;

/** How each voice of the kit is made from decaying tones and noise. */
final class VoiceRecipes {
    /** Makes a stroke. */
    interface Recipe {
        /** @param hard from 0, the softest stroke, to 1, the hardest */
        Sample stroke(ToneSynth tone, double hard);
    }

    static final Map<Voice, Recipe> OF = Map.ofEntries(
            Map.entry(
                    KICK, (t, hard) -> mixed(t.swept(130 + 40 * hard, 48, 0.30, 0.9), t.noise(0.012, 0.3 * hard, 0.6))),
            Map.entry(
                    SNARE,
                    (t, hard) -> mixed(
                            t.noise(0.12 + 0.06 * hard, 0.55, 0.35 + 0.3 * hard),
                            t.swept(215 + 10 * hard, 170, 0.12, 0.45))),
            Map.entry(
                    CROSS_STICK,
                    (t, hard) -> mixed(t.partials(0.05, 0.5, 830, 1710), t.noise(0.015, 0.1 + 0.25 * hard, 0.8))),
            Map.entry(HI_HAT, (t, hard) -> t.noise(0.035 + 0.025 * hard, 0.35, 0.90 + 0.08 * hard)),
            Map.entry(OPEN_HI_HAT, (t, hard) -> t.noise(0.5 + 0.3 * hard, 0.32, 0.92 + 0.06 * hard)),
            Map.entry(FOOT_HI_HAT, (t, hard) -> t.noise(0.07 + 0.03 * hard, 0.25, 0.90)),
            Map.entry(
                    RIDE,
                    (t, hard) -> mixed(
                            t.partials(0.6 + 0.2 * hard, 0.2, 2130, 3370, 4790, 6110),
                            t.noise(0.2 + 0.15 * hard, 0.08 + 0.1 * hard, 0.97))),
            Map.entry(
                    RIDE_BELL,
                    (t, hard) -> mixed(t.partials(0.8, 0.4, 1180, 2240, 3390, 5210), t.noise(0.02, 0.15 * hard, 0.97))),
            Map.entry(CRASH, (t, hard) -> t.noise(0.9 + 0.4 * hard, 0.40, 0.84 + 0.1 * hard)),
            Map.entry(
                    CHINA,
                    (t, hard) -> mixed(
                            t.noise(0.6 + 0.4 * hard, 0.36, 0.74 + 0.1 * hard),
                            t.partials(0.5, 0.12, 730, 1090, 1570))),
            Map.entry(SPLASH, (t, hard) -> t.noise(0.3 + 0.1 * hard, 0.38, 0.88 + 0.08 * hard)),
            Map.entry(HIGH_TOM, (t, hard) -> tom(t, hard, 210, 0.26)),
            Map.entry(MIDDLE_TOM, (t, hard) -> tom(t, hard, 155, 0.30)),
            Map.entry(LOW_TOM, (t, hard) -> tom(t, hard, 118, 0.34)),
            Map.entry(FLOOR_TOM, (t, hard) -> tom(t, hard, 84, 0.42)),
            Map.entry(COWBELL, (t, hard) -> t.partials(0.16 + 0.1 * hard, 0.5, 562, 845, 1690)),
            Map.entry(WOODBLOCK, (t, hard) -> mixed(t.partials(0.07, 0.6, 920, 1840), t.noise(0.006, 0.2 * hard, 0.7))),
            Map.entry(CLAVES, (t, hard) -> mixed(t.partials(0.09, 0.6, 2480), t.noise(0.005, 0.2 * hard, 0.8))),
            Map.entry(
                    TAMBOURINE,
                    (t, hard) -> mixed(t.noise(0.14 + 0.08 * hard, 0.28, 0.98), t.partials(0.2, 0.12, 5230, 6870))),
            Map.entry(SHAKER, (t, hard) -> t.noise(0.06 + 0.04 * hard, 0.25, 0.92 + 0.05 * hard)));

    private VoiceRecipes() {}

    /** The harder it is struck, the farther its skin is stretched, and the higher it begins. */
    private static Sample tom(ToneSynth tone, double hard, double pitch, double seconds) {
        return mixed(tone.swept(pitch * (1.2 + 0.2 * hard), pitch, seconds, 0.7), tone.noise(0.01, 0.2 * hard, 0.6));
    }
}
