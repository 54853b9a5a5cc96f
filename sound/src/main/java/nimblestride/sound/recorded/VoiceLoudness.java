package nimblestride.sound.recorded;

import static nimblestride.core.kit.voice.Kit.*;

import java.util.Map;
import nimblestride.core.kit.voice.Kit;
import nimblestride.core.kit.voice.Voice;

/** How loud each voice is beside the snare, at the same dynamic, as a mix of the kit has it (common practice). */
final class VoiceLoudness {
    /** In LU above or below the snare. */
    private static final Map<Voice, Integer> OF = Map.ofEntries(
            Map.entry(KICK, 0),
            Map.entry(SNARE, 0),
            Map.entry(SNARE_EDGE, -1),
            Map.entry(CROSS_STICK, -3),
            Map.entry(HI_HAT, -9),
            Map.entry(HALF_OPEN_HI_HAT, -6),
            Map.entry(OPEN_HI_HAT, -5),
            Map.entry(FOOT_HI_HAT, -10),
            Map.entry(RIDE, -6),
            Map.entry(RIDE_BELL, -5),
            Map.entry(RIDE_EDGE, -2),
            Map.entry(CRASH, -1),
            Map.entry(SECOND_CRASH, -1),
            Map.entry(CHINA, -2),
            Map.entry(SPLASH, -3),
            Map.entry(HIGH_TOM, -1),
            Map.entry(MIDDLE_TOM, -1),
            Map.entry(TOM_EDGE, -2),
            Map.entry(LOW_TOM, -1),
            Map.entry(FLOOR_TOM, -1),
            Map.entry(FLOOR_TOM_EDGE, -2),
            Map.entry(COWBELL, -4),
            Map.entry(WOODBLOCK, -4),
            Map.entry(CLAVES, -4),
            Map.entry(TAMBOURINE, -7),
            Map.entry(SHAKER, -10));

    private static final int OF_ANOTHER = -2;

    private VoiceLoudness() {}

    /** Returns the loudness of a voice, or of the voice of the kit with its key. */
    static int of(Voice voice) {
        return OF.getOrDefault(Kit.like(voice).orElse(voice), OF_ANOTHER);
    }
}
