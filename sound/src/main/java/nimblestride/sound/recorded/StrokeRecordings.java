package nimblestride.sound.recorded;

import java.util.Optional;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.voice.Voice;
import nimblestride.sound.recording.Recording;

/** The recordings of a kit: of each voice, one for each dynamic or the same for several. */
@FunctionalInterface
public interface StrokeRecordings {
    /** Returns where the recording of a stroke is; empty where the kit has none. */
    Optional<Recording.Source> stroke(Voice voice, Dynamic level);

    /** Returns these recordings and, for what they lack, others. */
    default StrokeRecordings orElse(StrokeRecordings others) {
        return (voice, level) -> stroke(voice, level).or(() -> others.stroke(voice, level));
    }
}
