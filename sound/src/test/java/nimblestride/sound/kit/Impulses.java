package nimblestride.sound.kit;

import java.util.function.IntToDoubleFunction;
import java.util.function.ToDoubleFunction;
import nimblestride.core.kit.band.BandNote.Player;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.voice.Voice;

/**
 * Every sound is a single sample, so that its place, and by its size what it is, can be read off.
 *
 * @param voice the sample of a voice
 * @param click the sample of a click, by its strength
 * @param tone the sample of a tone
 */
public record Impulses(ToDoubleFunction<Voice> voice, IntToDoubleFunction click, double tone) implements SampleSet {
    /** All alike. */
    public static final Impulses ALIKE = new Impulses(any -> 1, any -> 1, 1);

    @Override
    public Sample voice(Voice struck, Dynamic level, long turn) {
        return new Sample((float) voice.applyAsDouble(struck));
    }

    @Override
    public Sample click(ClickSound sound, int strength) {
        return new Sample((float) click.applyAsDouble(strength));
    }

    @Override
    public Sample tone(Player player, int midiKey) {
        return new Sample((float) tone);
    }
}
