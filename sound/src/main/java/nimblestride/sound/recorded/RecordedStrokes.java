package nimblestride.sound.recorded;

import java.lang.ref.SoftReference;
import java.util.Arrays;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.voice.Voice;
import nimblestride.sound.kit.Sample;
import nimblestride.sound.kit.SampleSet;
import nimblestride.sound.kit.StrokeLevel;
import nimblestride.sound.recording.Recording;

/**
 * Makes the strokes of a kit from recordings. Each lies between two of them, a softer and a harder one, and no two
 * strokes in a row are the same: their place between the recordings, their level, and their color differ a little, by a
 * number that the turn decides. A stroke is made when it is first asked for. Safe for use by several threads.
 */
final class RecordedStrokes {
    private static final int TURNS = SampleSet.TURNS;

    private static final Dynamic[] SOFTEST_FIRST = Dynamic.values();

    /** In which order turns differ: never by a little twice. */
    private static final int[] TURN_ORDER = {1, 3, 0, 2};

    /** By how much a difference is left to chance, in the room of a turn. */
    private static final double JITTER = 0.5;

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
    private final StrokeRecordings recordings;
    private final Loudness loudness;
    /** Kept while there is memory: those not played for long go first. */
    private final Map<Stroke, SoftReference<Sample>> strokes = new ConcurrentHashMap<>();

    private final Map<Recording.Source, SoftReference<float[]>> read = new ConcurrentHashMap<>();

    /** A stroke on a voice. */
    private record Stroke(Voice voice, Dynamic level, int turn) {}

    RecordedStrokes(int sampleRate, StrokeRecordings recordings) {
        this.sampleRate = sampleRate;
        this.recordings = recordings;
        this.loudness = new Loudness(sampleRate);
    }

    /** Returns a stroke; empty where no recording has the voice. */
    Optional<Sample> stroke(Voice voice, Dynamic level, long turn) {
        Stroke stroke = new Stroke(voice, level, (int) Math.floorMod(turn, (long) TURNS));
        return recordings.stroke(voice, level).isEmpty()
                ? Optional.empty()
                : Optional.of(kept(stroke, strokes, this::made));
    }

    /** Returns what is kept, or makes it; two threads that ask at once may both make it, and it is the same. */
    private static <K, V> V kept(K key, Map<K, SoftReference<V>> known, Function<K, V> making) {
        SoftReference<V> reference = known.get(key);
        V value = reference == null ? null : reference.get();
        if (value == null) {
            value = making.apply(key);
            known.put(key, new SoftReference<>(value));
        }
        return value;
    }

    private Sample made(Stroke stroke) {
        SplittableRandom chance = new SplittableRandom(31L * stroke.voice.name().hashCode() + stroke.turn);
        double place = Arrays.asList(SOFTEST_FIRST).indexOf(stroke.level) + WANDERING * around(stroke.turn, chance);
        float[] heard = between(stroke.voice, Math.max(0, Math.min(SOFTEST_FIRST.length - 1, place)));
        double color = StrokeColor.of(stroke.level) + TINTED * around(stroke.turn + 1, chance);
        new StrokeColor(sampleRate, color).paint(heard);
        double wanted = Loudness.SNARE + VoiceLoudness.of(stroke.voice) + UNEVEN * around(stroke.turn + 2, chance);
        loudness.bring(heard, wanted);
        return new Sample(audible(heard, StrokeLevel.of(stroke.level)));
    }

    /** Returns a number from -1 to 1, far from those of the other turns. */
    private static double around(int turn, SplittableRandom chance) {
        int place = TURN_ORDER[turn % TURNS];
        return (2.0 * place + 1 + JITTER * chance.nextDouble(-1, 1)) / TURNS - 1;
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

    /** Returns a stroke between the recordings of two dynamics next to each other: 1.2 is mostly the second, from 0. */
    private float[] between(Voice voice, double place) {
        int softer = Math.min(SOFTEST_FIRST.length - 2, (int) place);
        float share = (float) (place - softer);
        float[] one = recording(voice, SOFTEST_FIRST[softer]);
        float[] other = recording(voice, SOFTEST_FIRST[softer + 1]);
        float[] mixed = new float[Math.max(one.length, other.length)];
        for (int i = 0; i < mixed.length; i++) {
            mixed[i] = (i < one.length ? (1 - share) * one[i] : 0) + (i < other.length ? share * other[i] : 0);
        }
        return mixed;
    }

    private float[] recording(Voice voice, Dynamic level) {
        return kept(recordings.stroke(voice, level).orElseThrow(), read, this::prepared);
    }

    /** Returns a recording at the rate, from where it is heard, all equally loud, so that they can be mixed. */
    private float[] prepared(Recording.Source source) {
        float[] heard = Attack.heard(source.read().at(sampleRate), sampleRate);
        loudness.bring(heard, Loudness.SNARE);
        return heard;
    }
}
