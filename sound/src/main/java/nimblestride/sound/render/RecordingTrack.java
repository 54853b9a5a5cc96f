package nimblestride.sound.render;

import java.util.List;
import nimblestride.core.exercise.recording.BeatMap;
import nimblestride.sound.recording.PlayableRecording;

/**
 * A recording that plays along.
 *
 * @param sound of the recording
 * @param beats when its beats are
 * @param attacks when its hits are, in seconds, in order: they stay sharp when it plays slowly
 * @param mix how it is heard
 */
public record RecordingTrack(PlayableRecording sound, BeatMap beats, List<Double> attacks, RecordingMix mix) {
    public RecordingTrack {
        attacks = List.copyOf(attacks);
    }
}
