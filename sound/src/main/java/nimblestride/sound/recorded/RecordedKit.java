package nimblestride.sound.recorded;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import nimblestride.core.kit.band.BandNote.Player;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.voice.Kit;
import nimblestride.core.kit.voice.Voice;
import nimblestride.sound.kit.ClickSound;
import nimblestride.sound.kit.Sample;
import nimblestride.sound.kit.SampleSet;
import nimblestride.sound.synthesis.SynthesizedSounds;

/**
 * The recorded kit, click, and band at a sample rate. Riffs, the drone, and the tones of the click are synthesized. Safe
 * for use by several threads.
 */
public final class RecordedKit implements SampleSet {
    /** By sample rate. */
    private static final Map<Integer, RecordedKit> SHIPPED = new ConcurrentHashMap<>();

    private final RecordedStrokes strokes;
    private final RecordedClicks clicks;
    private final RecordedTones tones;
    private final SynthesizedSounds others;
    private final Map<Riff, Sample> riffs = new ConcurrentHashMap<>();
    private final Map<Integer, Sample> drones = new ConcurrentHashMap<>();

    private record Riff(int midiKey, Dynamic level, int turn) {}

    /**
     * Makes a kit from recordings; a voice that they lack sounds like a drum that its limb might play.
     *
     * @param sampleRate samples per second
     */
    public RecordedKit(int sampleRate, StrokeRecordings recordings) {
        this.strokes = new RecordedStrokes(sampleRate, recordings.orElse(new ShippedRecordings()));
        this.clicks = new RecordedClicks(sampleRate);
        this.tones = new RecordedTones(sampleRate);
        this.others = new SynthesizedSounds(sampleRate);
    }

    /**
     * Returns the kit that ships with the program, the same for all who ask, so that its strokes are made once.
     *
     * @param sampleRate samples per second
     */
    public static RecordedKit shipped(int sampleRate) {
        return SHIPPED.computeIfAbsent(sampleRate, rate -> new RecordedKit(rate, new ShippedRecordings()));
    }

    @Override
    public Sample voice(Voice voice, Dynamic level, long turn) {
        return strokes.stroke(voice, level, turn).orElseGet(() -> unrecorded(voice, level, turn));
    }

    private Sample unrecorded(Voice voice, Dynamic level, long turn) {
        if (voice.isRiff()) {
            int pluck = (int) Math.floorMod(turn, (long) SynthesizedSounds.PLUCKS);
            return riffs.computeIfAbsent(
                    new Riff(voice.midiKey(), level, pluck),
                    riff -> others.plucked(riff.midiKey, riff.level, riff.turn));
        }
        return strokes.stroke(voice.isByHand() ? Kit.MIDDLE_TOM : Kit.KICK, level, turn)
                .orElseThrow();
    }

    @Override
    public Sample click(ClickSound sound, int strength) {
        Sample tone = others.click(strength);
        return sound == ClickSound.TONES ? tone : clicks.click(sound, strength, tone);
    }

    @Override
    public Sample tone(Player player, int midiKey) {
        return player == Player.DRONE ? drones.computeIfAbsent(midiKey, others::drone) : tones.tone(player, midiKey);
    }
}
