package nimblestride.sound.recorded;

import static nimblestride.core.kit.voice.Kit.*;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.voice.Kit;
import nimblestride.core.kit.voice.Voice;
import nimblestride.sound.recording.Recording;

/** The strokes that ship with the program: five of most voices, one for each dynamic. */
public final class ShippedRecordings implements StrokeRecordings {
    /** Each dynamic has one recording, in this order. */
    static final List<Dynamic> SOFTEST_FIRST = List.of(Dynamic.values());

    /** A major third, in semitones. */
    private static final int THIRD = 4;

    /**
     * Which recording a voice is.
     *
     * @param higher how much higher it is played than it was recorded, in semitones
     * @param strokes how many strokes of it there are: one for each dynamic, or one for all
     */
    private record Sound(String name, int higher, int strokes) {
        Sound(String name) {
            this(name, 0, SOFTEST_FIRST.size());
        }

        Sound higher(int semitones) {
            return new Sound(name, semitones, strokes);
        }

        static Sound once(String name) {
            return new Sound(name, 0, 1);
        }

        ShippedSound stroke(Dynamic level) {
            return new ShippedSound(strokes == 1 ? name : name + "-" + (SOFTEST_FIRST.indexOf(level) + 1), higher);
        }
    }

    private static final Map<Voice, Sound> OF = Map.ofEntries(
            Map.entry(KICK, new Sound("kick")),
            Map.entry(SNARE, new Sound("snare")),
            Map.entry(SNARE_EDGE, new Sound("snare-edge")),
            Map.entry(CROSS_STICK, new Sound("cross-stick")),
            Map.entry(HI_HAT, new Sound("hi-hat")),
            Map.entry(HALF_OPEN_HI_HAT, new Sound("half-open-hi-hat")),
            Map.entry(OPEN_HI_HAT, new Sound("open-hi-hat")),
            Map.entry(FOOT_HI_HAT, new Sound("foot-hi-hat")),
            Map.entry(RIDE, new Sound("ride")),
            Map.entry(RIDE_BELL, new Sound("ride-bell")),
            Map.entry(RIDE_EDGE, new Sound("ride-edge")),
            Map.entry(CRASH, new Sound("crash")),
            Map.entry(SECOND_CRASH, new Sound("second-crash")),
            Map.entry(CHINA, new Sound("china")),
            Map.entry(SPLASH, new Sound("splash")),
            Map.entry(HIGH_TOM, new Sound("tom").higher(THIRD)),
            Map.entry(MIDDLE_TOM, new Sound("tom")),
            Map.entry(TOM_EDGE, new Sound("tom-edge")),
            Map.entry(LOW_TOM, new Sound("floor-tom").higher(THIRD)),
            Map.entry(FLOOR_TOM, new Sound("floor-tom")),
            Map.entry(FLOOR_TOM_EDGE, new Sound("floor-tom-edge")),
            Map.entry(COWBELL, new Sound("cowbell")),
            Map.entry(WOODBLOCK, Sound.once("high-woodblock")),
            Map.entry(CLAVES, Sound.once("claves")),
            Map.entry(TAMBOURINE, new Sound("tambourine")),
            Map.entry(SHAKER, new Sound("shaker")));

    /** Returns the recording of a voice, or of the voice of the kit with its key. */
    @Override
    public Optional<Recording.Source> stroke(Voice voice, Dynamic level) {
        return Kit.like(voice).map(OF::get).map(sound -> sound.stroke(level));
    }
}
