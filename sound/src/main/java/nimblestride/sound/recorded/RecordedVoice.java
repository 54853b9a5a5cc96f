package nimblestride.sound.recorded;

import static nimblestride.core.kit.voice.Kit.*;

import java.util.Map;
import java.util.Optional;
import nimblestride.core.kit.voice.Kit;
import nimblestride.core.kit.voice.Voice;

/**
 * Which recording a voice is.
 *
 * @param sound name of the recording
 * @param loudness in LU above or below the snare, at the same dynamic, as a mix of the kit has it (common practice)
 * @param higher how much higher it is played than it was recorded
 */
record RecordedVoice(String sound, double loudness, Interval higher) {
    /** How much higher something is, as a ratio of frequencies. */
    record Interval(int upper, int lower) {
        static final Interval NONE = new Interval(1, 1);
        /** A major third, four semitones, within a hundredth of one. */
        static final Interval THIRD = new Interval(63, 50);
    }

    private static final Map<Voice, RecordedVoice> OF = Map.ofEntries(
            Map.entry(KICK, new RecordedVoice("kick", 0, Interval.NONE)),
            Map.entry(SNARE, new RecordedVoice("snare", 0, Interval.NONE)),
            Map.entry(CROSS_STICK, new RecordedVoice("cross-stick", -3, Interval.NONE)),
            Map.entry(HI_HAT, new RecordedVoice("hi-hat", -9, Interval.NONE)),
            Map.entry(OPEN_HI_HAT, new RecordedVoice("half-open-hi-hat", -6, Interval.NONE)),
            Map.entry(FOOT_HI_HAT, new RecordedVoice("foot-hi-hat", -10, Interval.NONE)),
            Map.entry(RIDE, new RecordedVoice("ride", -6, Interval.NONE)),
            Map.entry(RIDE_BELL, new RecordedVoice("ride-bell", -5, Interval.NONE)),
            Map.entry(CRASH, new RecordedVoice("crash", -1, Interval.NONE)),
            Map.entry(CHINA, new RecordedVoice("china", -2, Interval.NONE)),
            Map.entry(SPLASH, new RecordedVoice("splash", -3, Interval.NONE)),
            Map.entry(HIGH_TOM, new RecordedVoice("tom", -1, Interval.THIRD)),
            Map.entry(MIDDLE_TOM, new RecordedVoice("tom", -1, Interval.NONE)),
            Map.entry(LOW_TOM, new RecordedVoice("floor-tom", -1, Interval.THIRD)),
            Map.entry(FLOOR_TOM, new RecordedVoice("floor-tom", -1, Interval.NONE)),
            Map.entry(COWBELL, new RecordedVoice("cowbell", -4, Interval.NONE)),
            Map.entry(TAMBOURINE, new RecordedVoice("tambourine", -7, Interval.NONE)),
            Map.entry(SHAKER, new RecordedVoice("shaker", -10, Interval.NONE)));

    /** Returns the recording of a voice, or of the voice of the kit with its key; empty where there is none. */
    static Optional<RecordedVoice> of(Voice voice) {
        if (voice.isRiff()) {
            return Optional.empty();
        }
        return Optional.ofNullable(OF.get(voice)).or(() -> Kit.voices().stream()
                .filter(known -> known.midiKey() == voice.midiKey())
                .findFirst()
                .map(OF::get));
    }
}
