package nimblestride.sound.recorded;

import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import nimblestride.sound.kit.ClickSound;
import nimblestride.sound.kit.Sample;

/**
 * The click on a woodblock and on a cowbell. The stronger a click, the higher it is; each is as loud as the tone it
 * stands for.
 */
final class RecordedClicks {
    /** The strongest first; how much higher each is than its recording, in semitones. */
    private static final List<ShippedSound> WOODBLOCK = List.of(
            new ShippedSound("high-woodblock", 4),
            new ShippedSound("high-woodblock", 0),
            new ShippedSound("claves", 0),
            new ShippedSound("high-woodblock", -3),
            new ShippedSound("low-woodblock", 2),
            new ShippedSound("low-woodblock", 0),
            new ShippedSound("low-woodblock", -3),
            new ShippedSound("low-woodblock", -5));

    private static final List<ShippedSound> COWBELL = List.of(
            new ShippedSound("cowbell-5", 5),
            new ShippedSound("cowbell-5", 0),
            new ShippedSound("cowbell-4", 9),
            new ShippedSound("cowbell-4", 3),
            new ShippedSound("cowbell-3", -2),
            new ShippedSound("cowbell-3", -4),
            new ShippedSound("cowbell-2", -6),
            new ShippedSound("cowbell-1", -8));

    private final int sampleRate;
    private final Loudness loudness;
    private final Map<Click, Sample> made = new ConcurrentHashMap<>();

    private record Click(ClickSound sound, int strength) {}

    RecordedClicks(int sampleRate) {
        this.sampleRate = sampleRate;
        this.loudness = new Loudness(sampleRate);
    }

    /** Returns a click as loud as a tone. */
    Sample click(ClickSound sound, int strength, Sample tone) {
        return made.computeIfAbsent(new Click(sound, strength), click -> {
            ShippedSound recorded = (sound == ClickSound.COWBELL ? COWBELL : WOODBLOCK).get(strength);
            float[] heard = Attack.heard(recorded.read().at(sampleRate), sampleRate);
            loudness.bring(heard, loudness.of(tone.samples()));
            return new Sample(heard);
        });
    }
}
