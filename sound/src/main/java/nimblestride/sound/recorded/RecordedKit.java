package nimblestride.sound.recorded;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.concurrent.ConcurrentHashMap;
import nimblestride.core.kit.band.BandNote.Player;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.voice.Voice;
import nimblestride.sound.kit.Sample;
import nimblestride.sound.kit.SampleSet;
import nimblestride.sound.kit.StrokeLevel;
import nimblestride.sound.kit.SynthesizedKit;
import nimblestride.sound.loudness.LoudnessMeter;
import nimblestride.sound.recorded.RecordedVoice.Interval;

/**
 * The recorded kit at a sample rate. Each stroke lies between two recordings, a softer and a harder one, and no two
 * strokes in a row are the same: their place between the recordings, their level, and their color differ a little, by a
 * number that the turn decides. What is not recorded is synthesized. A stroke is made when it is first asked for. Safe for
 * use by several threads.
 */
public final class RecordedKit implements SampleSet {
    /** Each dynamic has one recording, in this order. */
    private static final List<Dynamic> SOFTEST_FIRST = List.of(Dynamic.values());

    /** How many strokes of the same kind take turns. */
    private static final int TURNS = 4;

    /** How loud a stroke on the snare is at its loudest, in LUFS, before the level of its dynamic. */
    private static final double SNARE = -16;

    /** How far a stroke lies from its dynamic's own recording, at most, in recordings. */
    private static final double WANDERING = 0.22;
    /** How much louder or softer a stroke is, at most, in decibels. */
    private static final double UNEVEN = 0.7;
    /** How much brighter or darker a stroke is, at most, in decibels. */
    private static final double TINTED = 0.8;

    /** What is softer than this is not heard: 66 dB below full scale. */
    private static final double INAUDIBLE = 0.0005;

    private static final double SECONDS_TO_FADE = 0.05;

    private final int sampleRate;
    private final LoudnessMeter meter;
    private final SampleSet others;
    private final Map<Stroke, Sample> strokes = new ConcurrentHashMap<>();
    private final Map<Layer, float[]> layers = new ConcurrentHashMap<>();
    private final Map<Interval, Resampler> resamplers = new ConcurrentHashMap<>();

    /** A stroke on a voice. */
    private record Stroke(RecordedVoice voice, Dynamic level, int turn) {}

    /** One recording of a voice, from 0. */
    private record Layer(RecordedVoice voice, int number) {}

    /** @param sampleRate samples per second */
    public RecordedKit(int sampleRate) {
        this.sampleRate = sampleRate;
        this.meter = new LoudnessMeter(sampleRate);
        this.others = new SynthesizedKit(sampleRate);
    }

    @Override
    public Sample voice(Voice voice, Dynamic level, long turn) {
        return RecordedVoice.of(voice)
                .map(recorded -> strokes.computeIfAbsent(
                        new Stroke(recorded, level, (int) Math.floorMod(turn, (long) TURNS)), this::made))
                .orElseGet(() -> others.voice(voice, level, turn));
    }

    private Sample made(Stroke stroke) {
        SplittableRandom chance =
                new SplittableRandom(31L * stroke.voice.sound().hashCode() + stroke.turn);
        double place = SOFTEST_FIRST.indexOf(stroke.level) + WANDERING * chance.nextDouble(-1, 1);
        float[] heard = between(stroke.voice, Math.max(0, Math.min(Recordings.LAYERS - 1, place)));
        double color = StrokeColor.of(stroke.level) + TINTED * chance.nextDouble(-1, 1);
        new StrokeColor(sampleRate, color).paint(heard);
        scaleTo(SNARE + stroke.voice.loudness() + UNEVEN * chance.nextDouble(-1, 1), heard, meter);
        return new Sample(audible(heard, StrokeLevel.of(stroke.level)));
    }

    /** Returns a stroke up to where nothing more of it is heard at its level. */
    private float[] audible(float[] samples, float level) {
        int length = samples.length;
        while (length > 1 && Math.abs(samples[length - 1]) * level < INAUDIBLE) {
            length--;
        }
        float[] heard = Arrays.copyOf(samples, length);
        int fade = Math.min(length, (int) (SECONDS_TO_FADE * sampleRate));
        for (int i = 0; i < fade; i++) {
            heard[length - 1 - i] *= (float) i / fade;
        }
        return heard;
    }

    /** Returns a stroke between recordings that are next to each other: 1.2 is mostly the second, from 0. */
    private float[] between(RecordedVoice voice, double place) {
        int softer = Math.min(Recordings.LAYERS - 2, (int) place);
        float share = (float) (place - softer);
        float[] one = layers.computeIfAbsent(new Layer(voice, softer), this::atRate);
        float[] other = layers.computeIfAbsent(new Layer(voice, softer + 1), this::atRate);
        float[] mixed = new float[Math.max(one.length, other.length)];
        for (int i = 0; i < mixed.length; i++) {
            mixed[i] = (i < one.length ? (1 - share) * one[i] : 0) + (i < other.length ? share * other[i] : 0);
        }
        return mixed;
    }

    /** Returns a recording at the rate, all equally loud, so that they can be mixed. */
    private float[] atRate(Layer layer) {
        float[] resampled = resamplers
                .computeIfAbsent(layer.voice.higher(), this::resampler)
                .resampled(Recordings.stroke(layer.voice.sound(), layer.number));
        scaleTo(SNARE, resampled, meter);
        return resampled;
    }

    private Resampler resampler(Interval higher) {
        return new Resampler(Recordings.RATE * higher.upper(), sampleRate * higher.lower());
    }

    private static void scaleTo(double loudness, float[] samples, LoudnessMeter meter) {
        float gain = (float) StrictMath.pow(10, (loudness - meter.loudestMoment(samples)) / 20);
        for (int i = 0; i < samples.length; i++) {
            samples[i] *= gain;
        }
    }

    @Override
    public Sample click(int strength) {
        return others.click(strength);
    }

    @Override
    public Sample tone(Player player, int midiKey) {
        return others.tone(player, midiKey);
    }
}
