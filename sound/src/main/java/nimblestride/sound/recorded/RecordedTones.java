package nimblestride.sound.recorded;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import nimblestride.core.kit.band.BandNote.Player;
import nimblestride.sound.kit.Sample;

/** A bass and a soft keyboard: a few recorded keys of each, and every other key from the nearest of them. */
final class RecordedTones {
    /** Recorded keys; 60 is middle C. */
    private static final List<Integer> BASS = List.of(28, 32, 36, 41, 48);

    private static final List<Integer> KEYBOARD = List.of(54, 60, 66, 72, 78);

    /** In LUFS in the loudest moment, so that a chord of three is as loud as the bass, and both leave room for the kit. */
    private static final double BASS_LOUDNESS = Loudness.SNARE - 2;

    private static final double KEYBOARD_LOUDNESS = Loudness.SNARE - 9;

    private final int sampleRate;
    private final Loudness loudness;
    private final Map<Tone, Sample> made = new ConcurrentHashMap<>();

    private record Tone(boolean bass, int midiKey) {}

    RecordedTones(int sampleRate) {
        this.sampleRate = sampleRate;
        this.loudness = new Loudness(sampleRate);
    }

    /** Returns a tone of the bass or of the keyboard, which fades away as the recording does. */
    Sample tone(Player player, int midiKey) {
        return made.computeIfAbsent(new Tone(player == Player.BASS, midiKey), this::make);
    }

    private Sample make(Tone tone) {
        int nearest = (tone.bass ? BASS : KEYBOARD)
                .stream()
                        .min(Comparator.comparingInt(key -> Math.abs(key - tone.midiKey)))
                        .orElseThrow();
        ShippedSound recorded = new ShippedSound((tone.bass ? "bass-" : "keyboard-") + nearest, tone.midiKey - nearest);
        float[] heard = Attack.heard(recorded.read().at(sampleRate), sampleRate);
        loudness.bring(heard, tone.bass ? BASS_LOUDNESS : KEYBOARD_LOUDNESS);
        return new Sample(heard);
    }
}
