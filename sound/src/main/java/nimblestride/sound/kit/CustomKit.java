package nimblestride.sound.kit;

import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import nimblestride.core.kit.band.BandNote.Player;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.voice.Voice;

/**
 * A kit in which some voices, called by their names, have recordings of the player's own, one for all dynamics. They may come
 * and go at any time, from any thread.
 */
public final class CustomKit implements SampleSet {
    private final SampleSet kit;
    private final Map<String, Sample> own = new ConcurrentHashMap<>();

    /** @param kit what all other voices sound like */
    public CustomKit(SampleSet kit) {
        this.kit = kit;
    }

    public void put(String voice, Sample recording) {
        own.put(voice, recording);
    }

    /** The voice sounds as the kit has it again. */
    public void remove(String voice) {
        own.remove(voice);
    }

    /** The voices that have recordings of their own. */
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
