package nimblestride.core.transcription.source;

import java.util.Map;
import java.util.Optional;
import nimblestride.core.kit.voice.Kit;
import nimblestride.core.kit.voice.NamedVoices;
import nimblestride.core.kit.voice.Voice;

/**
 * A sound, as the file names it.
 *
 * @param name such as {@code key 38} or {@code Snare Drum}
 * @param usual voice it stands for by default; empty where none is known
 */
public record ImportedSound(String name, Optional<Voice> usual) {
    /** Keys of the General MIDI 1 percussion map that sound like another key that has a voice. */
    private static final Map<Integer, Integer> SAME_VOICE = Map.of(35, 36, 40, 38, 41, 43, 48, 50);

    /** The sound of any note of a part that is no percussion: only its rhythm is taken, as a riff. */
    public static final ImportedSound RHYTHM = new ImportedSound("its rhythm", Optional.of(NamedVoices.RIFF));

    /** Returns the sound of a key of the General MIDI 1 percussion map. */
    public static ImportedSound ofKey(int key) {
        int known = SAME_VOICE.getOrDefault(key, key);
        return new ImportedSound("key " + key, Kit.withKey(known));
    }
}
