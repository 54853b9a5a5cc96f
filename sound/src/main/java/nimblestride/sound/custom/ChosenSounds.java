package nimblestride.sound.custom;

import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import nimblestride.core.kit.band.BandNote.Player;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.voice.Voice;
import nimblestride.sound.kit.ClickSound;
import nimblestride.sound.kit.Sample;
import nimblestride.sound.kit.SampleSet;
import nimblestride.sound.kit.Sounds;
import nimblestride.sound.recorded.RecordedKit;
import nimblestride.sound.recorded.StrokeRecordings;
import nimblestride.sound.recording.Recording;

/**
 * The sounds the user has chosen: recordings for single voices, then a kit of the user's own, then the kit that ships. A
 * choice is heard from the next stroke on. Any thread may choose and play.
 */
public final class ChosenSounds implements Sounds {
    private static final StrokeRecordings NONE = (voice, level) -> Optional.empty();

    /** By sample rate. Each choice empties it. */
    private final Map<Integer, RecordedKit> kits = new ConcurrentHashMap<>();

    private volatile Map<String, Recording.Source> own = Map.of();
    private volatile StrokeRecordings kit = NONE;

    /** Gives a voice a recording, for all dynamics. */
    public synchronized void put(String voice, Recording.Source recording) {
        Map<String, Recording.Source> changed = new TreeMap<>(own);
        changed.put(voice, recording);
        own = Map.copyOf(changed);
        kits.clear();
    }

    /** Removes a voice's recording, so that it sounds as the kit has it. */
    public synchronized void remove(String voice) {
        Map<String, Recording.Source> changed = new TreeMap<>(own);
        changed.remove(voice);
        own = Map.copyOf(changed);
        kits.clear();
    }

    /** Returns the voices that have recordings of their own. */
    public Set<String> voices() {
        return own.keySet();
    }

    /** Plays a kit of the user's own from now on; what it lacks comes from the kit that ships. */
    public synchronized void use(StrokeRecordings chosen) {
        kit = chosen;
        kits.clear();
    }

    /** Plays the kit that ships from now on. */
    public void useShippedKit() {
        use(NONE);
    }

    private RecordedKit kit(int sampleRate) {
        return own.isEmpty() && kit == NONE
                ? RecordedKit.shipped(sampleRate)
                : kits.computeIfAbsent(sampleRate, rate -> new RecordedKit(rate, recordings()));
    }

    private StrokeRecordings recordings() {
        Map<String, Recording.Source> voices = own;
        StrokeRecordings single = (voice, level) -> Optional.ofNullable(voices.get(voice.name()));
        return single.orElse(kit);
    }

    @Override
    public SampleSet at(int sampleRate) {
        return new SampleSet() {
            @Override
            public Sample voice(Voice voice, Dynamic level, long turn) {
                return kit(sampleRate).voice(voice, level, turn);
            }

            @Override
            public Sample click(ClickSound sound, int strength) {
                return kit(sampleRate).click(sound, strength);
            }

            @Override
            public Sample tone(Player player, int midiKey) {
                return kit(sampleRate).tone(player, midiKey);
            }
        };
    }
}
