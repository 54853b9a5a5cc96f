package nimblestride.core.transcription.proposal;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.transcription.repetition.MeterProposal;
import nimblestride.core.transcription.source.ImportedSound;

/**
 * What the user wants of a transcription.
 *
 * @param part index of the part, from 0
 * @param voices what sounds stand for, by their names, where that is not the default voice; empty for sounds to leave
 *     out
 * @param meter other bars than it came in; empty for none
 */
public record ImportChoice(int part, Map<String, Optional<Voice>> voices, Optional<MeterProposal> meter) {
    public ImportChoice {
        voices = Map.copyOf(voices);
    }

    /** Returns a choice of a part as it came. */
    public static ImportChoice of(int part) {
        return new ImportChoice(part, Map.of(), Optional.empty());
    }

    /** Returns the choice of another part. */
    public ImportChoice ofPart(int newPart) {
        return new ImportChoice(newPart, voices, Optional.empty());
    }

    /** Returns the choice in other bars. */
    public ImportChoice in(MeterProposal newMeter) {
        return new ImportChoice(part, voices, Optional.of(newMeter));
    }

    /** Returns the choice in the bars of the file. */
    public ImportChoice inOwnBars() {
        return new ImportChoice(part, voices, Optional.empty());
    }

    /** Returns the choice with a sound as another voice. */
    public ImportChoice with(String sound, Voice voice) {
        Map<String, Optional<Voice>> changed = new HashMap<>(voices);
        changed.put(sound, Optional.of(voice));
        return new ImportChoice(part, changed, meter);
    }

    /** Returns the choice without a sound. */
    public ImportChoice without(String sound) {
        Map<String, Optional<Voice>> changed = new HashMap<>(voices);
        changed.put(sound, Optional.empty());
        return new ImportChoice(part, changed, meter);
    }

    /** Returns the voice of a sound; empty if it is left out. */
    public Optional<Voice> voiceOf(ImportedSound sound) {
        return voices.getOrDefault(sound.name(), sound.usual());
    }
}
