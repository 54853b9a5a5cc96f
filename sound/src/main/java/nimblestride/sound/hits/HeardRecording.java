package nimblestride.sound.hits;

import java.nio.file.Path;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import nimblestride.core.exercise.recording.LinkedRecording;
import nimblestride.core.transcription.recording.HeardHit;
import nimblestride.files.FileException;
import nimblestride.files.UnreadableFileException;
import nimblestride.sound.recording.AudioKind;
import nimblestride.sound.recording.DecodedAudio;
import nimblestride.sound.recording.StreamResampler;

/** What is heard in a recording. Any thread may ask. */
public final class HeardRecording {
    /** The longest recording, in seconds: three hours. */
    public static final int MAX_SECONDS = 3 * 60 * 60;

    private static final int BLOCK = 4_096;

    private final double seconds;
    private final HitFinder finder;
    private final LoudnessStrip loudness;

    private HeardRecording(double seconds, HitFinder finder, LoudnessStrip loudness) {
        this.seconds = seconds;
        this.finder = finder;
        this.loudness = loudness;
    }

    /** Gets a recording while it is read. */
    @FunctionalInterface
    public interface Listener {
        /** Ignores everything. */
        Listener NONE = (left, right, count, sampleRate) -> {};

        /**
         * Gets the next samples.
         *
         * @throws FileException if it wants no more
         */
        void heard(float[] left, float[] right, int count, int sampleRate);
    }

    /**
     * Listens to a whole file, piece by piece.
     *
     * @throws FileException if it can't be read, or lasts more than three hours
     */
    public static HeardRecording of(Path file) {
        return of(file, Listener.NONE);
    }

    /**
     * Listens to a whole file, piece by piece, together with a listener. Hits are found on threads beside it.
     *
     * @throws FileException if it can't be read, or lasts more than three hours
     */
    public static HeardRecording of(Path file, Listener listener) {
        ThreadPoolExecutor beside = beside();
        try (DecodedAudio audio = DecodedAudio.open(file, EnumSet.allOf(AudioKind.class))) {
            checkLength(file, audio.seconds());
            boolean asItIs = audio.sampleRate() >= HitFinder.RATE && audio.sampleRate() <= HitFinder.MAX_RATE;
            HitFinder finder = new HitFinder(asItIs ? audio.sampleRate() : HitFinder.RATE, beside);
            LoudnessStrip loudness = new LoudnessStrip(audio.sampleRate());
            StreamResampler resampler = new StreamResampler(audio.sampleRate(), HitFinder.RATE, BLOCK);
            float[] left = new float[BLOCK];
            float[] right = new float[BLOCK];
            float[] both = new float[BLOCK];
            float[] out = new float[resampler.most(BLOCK)];
            long heard = 0;
            for (int count = audio.read(left, right); count > 0; count = audio.read(left, right)) {
                heard += count;
                checkLength(file, (double) heard / audio.sampleRate());
                for (int i = 0; i < count; i++) {
                    both[i] = (left[i] + right[i]) / 2;
                }
                loudness.hear(both, count);
                listener.heard(left, right, count, audio.sampleRate());
                if (asItIs) {
                    finder.hear(both, count);
                } else {
                    finder.hear(out, resampler.resample(both, count, out));
                }
            }
            finder.end();
            return new HeardRecording((double) heard / audio.sampleRate(), finder, loudness);
        } finally {
            beside.shutdown();
        }
    }

    /** Returns threads for the other processors; when all are busy, the one that reads does a piece, too. */
    private static ThreadPoolExecutor beside() {
        int threads = Math.max(1, Runtime.getRuntime().availableProcessors() - 1);
        return new ThreadPoolExecutor(
                threads,
                threads,
                0,
                TimeUnit.SECONDS,
                new ArrayBlockingQueue<>(threads),
                task -> {
                    Thread thread = new Thread(task, "hits");
                    thread.setDaemon(true);
                    return thread;
                },
                new ThreadPoolExecutor.CallerRunsPolicy());
    }

    private static void checkLength(Path file, double seconds) {
        if (seconds > MAX_SECONDS) {
            throw new UnreadableFileException(String.format(
                    Locale.ROOT,
                    "%s lasts more than %d hours; cut out the part you want to hear",
                    file,
                    MAX_SECONDS / 60 / 60));
        }
    }

    /** Returns how long it is. */
    public double seconds() {
        return seconds;
    }

    /** Returns its hits at the default sensitivity, in order. */
    public List<HeardHit> hits() {
        return hits(LinkedRecording.DEFAULT_SENSITIVITY);
    }

    /**
     * Returns its hits, in order.
     *
     * @param sensitivity from 0, only the clearest, to 1
     */
    public List<HeardHit> hits(double sensitivity) {
        return finder.hits(sensitivity);
    }

    /** Returns how much is heard at a time, in three bands, whether it is a hit or not. */
    public HeardHit at(double at) {
        return finder.at(at);
    }

    /**
     * Returns how loud it is at its loudest between two times, from 0 to 1.
     *
     * @param from in seconds
     * @param to in seconds
     */
    public float loudness(double from, double to) {
        return loudness.between(from, to);
    }
}
