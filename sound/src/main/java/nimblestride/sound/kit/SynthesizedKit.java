package nimblestride.sound.kit;

import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.IntStream;
import nimblestride.core.kit.band.BandNote.Player;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.voice.Kit;
import nimblestride.core.kit.voice.Voice;

/**
 * Every voice of the kit in five dynamics, riffs, the click, and the band, made from decaying tones and noise at a sample
 * rate. A sound is made when it is first asked for. Safe for use by several threads.
 */
public final class SynthesizedKit implements SampleSet {
    /** How many recordings of the same stroke take turns. */
    private static final int STROKES = 3;

    private static final double CONCERT_PITCH = 440;
    private static final int CONCERT_KEY = 69;

    private final int sampleRate;
    private final Map<Stroke, Sample> strokes = new ConcurrentHashMap<>();
    private final Map<Held, Sample> tones = new ConcurrentHashMap<>();
    private final List<ToneSynth> sources;
    private final List<Sample> clicks;

    /** A stroke on a voice of the kit. */
    private record Stroke(Voice voice, Dynamic level, int turn) {}

    /** A tone of the band. */
    private record Held(Player player, int midiKey) {}

    /** @param sampleRate samples per second */
    public SynthesizedKit(int sampleRate) {
        this.sampleRate = sampleRate;
        this.sources = IntStream.range(0, STROKES)
                .mapToObj(turn -> new ToneSynth(sampleRate, turn))
                .toList();
        ToneSynth tone = sources.get(0);
        clicks = List.of(
                tone.partials(0.07, 0.5, 2093, 3136, 4186),
                tone.partials(0.045, 0.5, 1568, 3136),
                tone.partials(0.05, 0.42, 1865, 1397),
                tone.partials(0.045, 0.40, 659, 1319, 1976),
                tone.partials(0.04, 0.36, 1047, 1976),
                tone.partials(0.035, 0.32, 1175),
                tone.partials(0.03, 0.26, 784),
                tone.partials(0.02, 0.18, 932));
    }

    @Override
    public Sample voice(Voice voice, Dynamic level, long turn) {
        Voice known = voice.isRiff() || VoiceRecipes.OF.containsKey(voice) ? voice : like(voice);
        return strokes.computeIfAbsent(new Stroke(known, level, (int) Math.floorMod(turn, (long) STROKES)), this::made);
    }

    private Sample made(Stroke stroke) {
        if (stroke.voice.isRiff()) {
            return sources.get(stroke.turn).plucked(frequency(stroke.voice.midiKey()), stroke.level.strength());
        }
        return VoiceRecipes.OF.get(stroke.voice).stroke(sources.get(stroke.turn), stroke.level.strength());
    }

    /** A voice of the player's own sounds like that of the kit with its key, or like a drum its limb might play. */
    private static Voice like(Voice voice) {
        return Kit.voices().stream()
                .filter(known -> known.midiKey() == voice.midiKey())
                .findFirst()
                .orElse(voice.isByHand() ? Kit.MIDDLE_TOM : Kit.KICK);
    }

    @Override
    public Sample click(int strength) {
        return clicks.get(strength);
    }

    @Override
    public Sample tone(Player player, int midiKey) {
        return tones.computeIfAbsent(new Held(player, midiKey), this::made);
    }

    private static double frequency(int midiKey) {
        return CONCERT_PITCH * Math.pow(2, (midiKey - CONCERT_KEY) / 12.0);
    }

    private Sample made(Held held) {
        double frequency = frequency(held.midiKey);
        ToneSynth tone = new ToneSynth(sampleRate, 0);
        return switch (held.player) {
            case BASS -> tone.held(frequency, 0.55, 0.05, 1, 0.6, 0.3, 0.12, 0.05);
            case CHORDS -> tone.held(frequency, 0.2, 0.10, 1, 0.35, 0.12, 0.18, 0.03);
            case DRONE -> tone.held(frequency, 0.22, 0.8, 1, 0.55, 0.4, 0.2, 0.12, 0.06);
        };
    }
}
