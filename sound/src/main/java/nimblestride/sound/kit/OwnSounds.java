package nimblestride.sound.kit;

import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import nimblestride.core.kit.band.BandNote.Player;
import nimblestride.core.kit.stroke.Level;
import nimblestride.core.kit.voice.Voice;

/**
 * A kit in which some voices, called by their names, have recordings of the player's own, one for all dynamics. They may come
 * and go at any time, from any thread.
 */
public final class OwnSounds implements SoundSet {
    private final SoundSet kit;
    private final Map<String, Sound> own = new ConcurrentHashMap<>();

    /** @param kit what all other voices sound like */
    public OwnSounds(SoundSet kit) {
        this.kit = kit;
    }

    public void give(String voice, Sound recording) {
        own.put(voice, recording);
    }

    /** The voice sounds as the kit has it again. */
    public void takeBack(String voice) {
        own.remove(voice);
    }

    /** The voices that have recordings of their own. */
    public Set<String> voices() {
        return Set.copyOf(own.keySet());
    }

    @Override
    public Sound voice(Voice voice, Level level, long turn) {
        Sound recorded = own.get(voice.name());
        return recorded != null ? recorded : kit.voice(voice, level, turn);
    }

    @Override
    public Sound click(int strength) {
        return kit.click(strength);
    }

    @Override
    public Sound tone(Player player, int midiKey) {
        return kit.tone(player, midiKey);
    }
}
