package nimblestride.sound.kit;

import java.util.function.IntToDoubleFunction;
import java.util.function.ToDoubleFunction;
import nimblestride.core.kit.band.BandNote.Player;
import nimblestride.core.kit.stroke.Level;
import nimblestride.core.kit.voice.Voice;

/**
 * Every sound is a single sample, so that its place, and by its size what it is, can be read off.
 *
 * @param voice the sample of a voice
 * @param click the sample of a click, by its strength
 * @param tone the sample of a tone
 */
public record Impulses(ToDoubleFunction<Voice> voice, IntToDoubleFunction click, double tone) implements SoundSet {
    /** All alike. */
    public static final Impulses ALIKE = new Impulses(any -> 1, any -> 1, 1);

    @Override
    public Sound voice(Voice struck, Level level, long turn) {
        return new Sound((float) voice.applyAsDouble(struck));
    }

    @Override
    public Sound click(int strength) {
        return new Sound((float) click.applyAsDouble(strength));
    }

    @Override
    public Sound tone(Player player, int midiKey) {
        return new Sound((float) tone);
    }
}
