package nimblestride.sound.kit;

import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import nimblestride.core.kit.band.BandNote.Player;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.voice.Voice;

/**
 * A kit in which some voices have recordings of the player's own, one for all dynamics. Any thread may add and remove
 * them at any time.
 */
public final class CustomKit implements SampleSet {
    private final SampleSet kit;
    private final Map<String, Sample> own = new ConcurrentHashMap<>();

    /** @param kit with all other voices */
    public CustomKit(SampleSet kit) {
        this.kit = kit;
    }

    /** Gives a voice a recording. */
    public void put(String voice, Sample recording) {
        own.put(voice, recording);
    }

    /** Removes a voice's recording, so that it sounds as the kit has it. */
    public void remove(String voice) {
        own.remove(voice);
    }

    /** Returns the voices that have recordings of their own. */
    public Set<String> voices() {
        return Set.copyOf(own.keySet());
    }

    @Override
    public Sample voice(Voice voice, Dynamic level, long turn) {
        Sample recorded = own.get(voice.name());
        return recorded != null ? recorded : kit.voice(voice, level, turn);
    }

    @Override
    public Sample click(int strength) {
        return kit.click(strength);
    }

    @Override
    public Sample tone(Player player, int midiKey) {
        return kit.tone(player, midiKey);
    }
}
