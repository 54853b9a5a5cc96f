package nimblestride.sound.hits;

import java.util.Arrays;
import nimblestride.core.transcription.recording.HeardHit;

/**
 * Finds hits while they are played, each a few hundredths of a second after it. What is strong is learned from the last
 * seconds. Not safe for several threads; it allocates nothing while it listens, but for hits.
 */
public final class LiveHitFinder {
    /** Samples per second that it takes. */
    public static final int RATE = SpectralFlux.RATE;

    private static final int HOP = SpectralFlux.HOP;
    private static final int WINDOW = SpectralFlux.WINDOW;
    private static final int BANDS = SpectralFlux.BANDS;
    /** What came before: 100 ms. */
    private static final int BEFORE = 20;
    /** No two hits are nearer than so many moments: 30 ms. */
    private static final int APART = 6;
    /** Within so many moments after it rises, a hit is reported: 10 ms. */
    private static final int PATIENCE = 2;

    private static final double FLOOR = 0.11;
    /** A strong hit's flux is forgotten by half in about five seconds. */
    private static final double FORGETTING = Math.pow(0.5, 1.0 / 1_000);
    /** What a strong hit's flux is at least, so that the noise of an empty room is none. */
    private static final double WEAKEST = 0.05;

    /** For so many moments it only learns how loud the room is: 0.2 s. */
    private static final int LEARNING = 40;
    /** A room that becomes louder is known to be so within seconds: its level doubles in about three. */
    private static final double ROOM_RISES = Math.pow(2, 1.0 / 600);
    /** How much louder than the room a hit is. */
    private static final double LOUDER = 1.8;
    /** How soft a room can be: 60 dB below full scale. */
    private static final double SOFTEST = 0.001;

    private static final double FAINTEST = 1e-5;

    private final SpectralFlux spectrum = new SpectralFlux();
    private final float[] waiting = new float[WINDOW];
    private final float[] flux = new float[BANDS];
    private final double[] strong = new double[BANDS];
    private final double[] past = new double[BEFORE];
    private final double[] best = new double[BANDS];
    private int kept;
    private long heard;
    private int moments;
    private int lastHit = -APART;
    private int rising = -1;
    private double highest;
    private double room = SOFTEST;

    /** Receives hits. */
    @FunctionalInterface
    public interface Listener {
        /**
         * Receives a hit.
         *
         * @param hit with its time in seconds since the finder was made
         * @param loudest its loudest sample so far, from 0 to 1
         */
        void hit(HeardHit hit, double loudest);
    }

    /** Creates a finder that has heard nothing yet. */
    public LiveHitFinder() {
        Arrays.fill(strong, WEAKEST);
        kept = WINDOW - HOP;
    }

    /** Returns how many samples it has heard. */
    public long heard() {
        return heard;
    }

    /** Listens to the next samples. */
    public void hear(float[] samples, int count, Listener listener) {
        for (int i = 0; i < count; i++) {
            waiting[kept] = samples[i];
            kept++;
            heard++;
            if (kept == WINDOW) {
                look(listener);
                System.arraycopy(waiting, HOP, waiting, 0, WINDOW - HOP);
                kept = WINDOW - HOP;
            }
        }
    }

    private void look(Listener listener) {
        spectrum.next(waiting, 0, flux);
        double all = 0;
        for (int band = 0; band < BANDS; band++) {
            strong[band] = Math.max(WEAKEST, strong[band] * FORGETTING);
            all += Math.min(1, flux[band] / strong[band]) / BANDS;
        }
        double mean = Arrays.stream(past).sum() / BEFORE;
        past[moments % BEFORE] = all;
        double newest = peak(WINDOW - HOP, WINDOW);
        room = moments < LEARNING ? Math.max(room, newest) : Math.min(room * ROOM_RISES, Math.max(newest, SOFTEST));
        if (rising < 0) {
            if (moments >= LEARNING && all >= mean + FLOOR && moments - lastHit >= APART) {
                rising = moments;
                highest = 0;
                Arrays.fill(best, 0);
            }
        }
        if (rising >= 0) {
            boolean falls = all < highest;
            highest = Math.max(highest, all);
            for (int band = 0; band < BANDS; band++) {
                best[band] = Math.max(best[band], flux[band]);
            }
            if (falls || moments - rising >= PATIENCE) {
                rising = -1;
                report(listener);
            }
        }
        moments++;
    }

    private void report(Listener listener) {
        int begin = begins();
        double loudest = peak(begin, WINDOW);
        if (loudest < LOUDER * room) {
            return;
        }
        lastHit = moments;
        for (int band = 0; band < BANDS; band++) {
            strong[band] = Math.max(strong[band], best[band]);
        }
        double at = (heard - WINDOW + begin) / (double) RATE;
        listener.hit(
                new HeardHit(
                        Math.max(0, at),
                        Math.min(1, best[0] / strong[0]),
                        Math.min(1, best[1] / strong[1]),
                        Math.min(1, best[2] / strong[2])),
                loudest);
    }

    /** Returns where in the window the loudness rises most. */
    private int begins() {
        int part = HOP / HitPeaks.PARTS;
        double bestRise = -1;
        int begin = WINDOW / 2;
        for (int from = WINDOW / 4; from + part <= WINDOW; from += part) {
            double before = Math.max(FAINTEST, peak(from - HitPeaks.PARTS * part, from));
            double now = peak(from, from + part);
            double rise = (now - before) * Math.min(1, now / before / 4 + 0.5);
            if (rise > bestRise) {
                bestRise = rise;
                begin = from;
            }
        }
        return begin;
    }

    private double peak(int from, int to) {
        double peak = 0;
        for (int i = from; i < to; i++) {
            peak = Math.max(peak, Math.abs(waiting[i]));
        }
        return peak;
    }
}
