package nimblestride.sound.hits;

import java.util.ArrayDeque;
import java.util.Arrays;
import java.util.Deque;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.Executor;
import nimblestride.core.transcription.recording.HeardHit;

/** Finds the hits of a recording, piece by piece, so that long ones need not be held. One thread may use it. */
public final class HitFinder {
    /** Samples per second that it takes as a rule. */
    public static final int RATE = SpectralFlux.RATE;

    /** The most samples per second that it takes. */
    static final int MAX_RATE = 48_000;

    private static final int HOP = SpectralFlux.HOP;
    private static final int WINDOW = SpectralFlux.WINDOW;
    /** Moments of silence before the recording. */
    private static final int SILENT_MOMENTS = 4;
    /** Moments of a piece; a piece after another begins with those that its flux rises from. */
    private static final int PIECE = 100;

    private final Executor executor;
    private final float[] waiting = new float[WINDOW + (SpectralFlux.LAG + PIECE - 1) * HOP];
    private final Deque<CompletableFuture<Moments>> begun = new ArrayDeque<>();
    private final Moments moments = new Moments();

    /** How long a sample is. */
    private final double seconds;

    private int kept;
    private boolean isFirst = true;

    /** Creates a finder at the beginning of a recording at its usual rate. */
    public HitFinder() {
        this(RATE, Runnable::run);
    }

    /**
     * Creates a finder at the beginning of a recording.
     *
     * @param sampleRate from 44,100 to 48,000 samples per second; bands and moments are the same within a tenth
     * @param executor looks at the pieces, several at once if it can
     */
    public HitFinder(int sampleRate, Executor executor) {
        this.executor = executor;
        seconds = 1.0 / sampleRate;
        // Silence comes first, so that a hit at the very start is one.
        kept = WINDOW / 2 + SILENT_MOMENTS * HOP;
    }

    /** Listens to the next samples, and returns itself. */
    public HitFinder hear(float[] samples, int count) {
        int at = 0;
        while (at < count) {
            int more = Math.min(count - at, waiting.length - kept);
            System.arraycopy(samples, at, waiting, kept, more);
            kept += more;
            at += more;
            if (kept == waiting.length) {
                look();
                System.arraycopy(waiting, PIECE * HOP, waiting, 0, kept - PIECE * HOP);
                kept -= PIECE * HOP;
            }
        }
        return this;
    }

    private void look() {
        float[] piece = Arrays.copyOf(waiting, kept);
        int known = isFirst ? 0 : SpectralFlux.LAG;
        isFirst = false;
        begun.add(CompletableFuture.supplyAsync(() -> Moments.of(piece, known), executor));
        while (!begun.isEmpty() && begun.element().isDone()) {
            moments.append(begun.remove().join());
        }
    }

    /** Ends the recording, so that a hit at its very end is found, and waits until everything was looked at. */
    public void end() {
        hear(new float[WINDOW], WINDOW);
        if (kept >= WINDOW) {
            look();
        }
        begun.forEach(piece -> moments.append(piece.join()));
        begun.clear();
    }

    /** Returns how much is heard at a time, in seconds, in three bands. */
    HeardHit at(double at) {
        double moment = at / seconds / HOP + SILENT_MOMENTS;
        HeardHit loudest = HitPeaks.at(moments.flux(), (int) Math.round(moment));
        return new HeardHit(at, loudest.low(), loudest.middle(), loudest.high());
    }

    /**
     * Returns the hits of everything heard, in order.
     *
     * @param sensitivity from 0, only the clearest, to 1; 0.5 is usual
     */
    public List<HeardHit> hits(double sensitivity) {
        double before = SILENT_MOMENTS * HOP * seconds;
        return HitPeaks.of(moments.flux(), moments.attacks(), sensitivity).stream()
                .map(hit -> new HeardHit(
                        Math.max(0, hit.at() * RATE * seconds - before), hit.low(), hit.middle(), hit.high()))
                .toList();
    }
}
