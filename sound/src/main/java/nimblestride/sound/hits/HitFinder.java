package nimblestride.sound.hits;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import nimblestride.core.transcription.recording.HeardHit;

/** Finds the hits of a recording, block by block, so that long ones need not be held. Not safe for several threads. */
public final class HitFinder {
    /** Samples per second that it takes as a rule. */
    public static final int RATE = SpectralFlux.RATE;

    /** The most samples per second that it takes. */
    static final int MAX_RATE = 48_000;

    private static final int HOP = SpectralFlux.HOP;
    private static final int WINDOW = SpectralFlux.WINDOW;
    private static final int BANDS = SpectralFlux.BANDS;
    /** Moments of silence before the recording. */
    private static final int SILENT_MOMENTS = 4;

    /** The loudest sample is looked for in parts of a moment: 1.2 ms. */
    private static final int PARTS = HitPeaks.PARTS;

    private final SpectralFlux spectrum = new SpectralFlux();
    private final float[] waiting = new float[WINDOW + 8 * HOP];
    private final float[] moment = new float[BANDS];
    private final List<float[]> flux = new ArrayList<>();
    /** The loudest sample in each part of each moment. */
    private final List<float[]> attacks = new ArrayList<>();

    /** How long a sample is. */
    private final double seconds;

    private int kept;

    /** Creates a finder at the beginning of a recording at its usual rate. */
    public HitFinder() {
        this(RATE);
    }

    /**
     * Creates a finder at the beginning of a recording.
     *
     * @param sampleRate from 44,100 to 48,000 samples per second; bands and moments are the same within a tenth
     */
    public HitFinder(int sampleRate) {
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
            while (kept >= WINDOW) {
                look();
            }
        }
        return this;
    }

    private void look() {
        spectrum.next(waiting, 0, moment);
        flux.add(moment.clone());
        // The hop in the middle of the window belongs to this moment.
        int middle = WINDOW / 2;
        float[] peaks = new float[PARTS];
        for (int part = 0; part < PARTS; part++) {
            for (int i = middle + part * HOP / PARTS; i < middle + (part + 1) * HOP / PARTS; i++) {
                float loud = waiting[i] < 0 ? -waiting[i] : waiting[i];
                peaks[part] = loud > peaks[part] ? loud : peaks[part];
            }
        }
        attacks.add(peaks);
        System.arraycopy(waiting, HOP, waiting, 0, kept - HOP);
        kept -= HOP;
    }

    /** Ends the recording, so that a hit at its very end is found. */
    public void end() {
        hear(new float[WINDOW], WINDOW);
    }

    /** Returns how much is heard at a time, in seconds, in three bands. */
    HeardHit at(double at) {
        double moment = at / seconds / HOP + SILENT_MOMENTS;
        HeardHit loudest = HitPeaks.at(flux, (int) Math.round(moment));
        return new HeardHit(at, loudest.low(), loudest.middle(), loudest.high());
    }

    /**
     * Returns the hits of everything heard, in order.
     *
     * @param sensitivity from 0, only the clearest, to 1; 0.5 is usual
     */
    public List<HeardHit> hits(double sensitivity) {
        double before = SILENT_MOMENTS * HOP * seconds;
        return HitPeaks.of(flux, attacks, sensitivity).stream()
                .map(hit -> new HeardHit(
                        Math.max(0, hit.at() * RATE * seconds - before), hit.low(), hit.middle(), hit.high()))
                .toList();
    }

    static double[] column(List<float[]> rows, int column) {
        double[] values = new double[rows.size()];
        Arrays.setAll(values, row -> rows.get(row)[column]);
        return values;
    }
}
