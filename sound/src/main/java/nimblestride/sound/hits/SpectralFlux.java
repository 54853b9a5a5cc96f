package nimblestride.sound.hits;

import org.jtransforms.fft.FloatFFT_1D;

/**
 * How much comes into the spectrum from one moment to the next, in three bands: the rise of each frequency over the loudest
 * of it and its neighbors two moments before (spectral flux with a maximum filter: Böck and Widmer, "Maximum filter vibrato
 * suppression for onset detection", DAFx 2013; quoted from memory).
 */
final class SpectralFlux {
    /** Samples per second that it takes. */
    static final int RATE = 44_100;
    /** Samples from moment to moment: 5 ms. */
    static final int HOP = 220;
    /** Samples that are looked at in a moment: 23 ms. */
    static final int WINDOW = 1_024;

    static final int BANDS = 3;
    /** It rises from so many moments before. */
    static final int LAG = 2;

    private static final float SENSITIVITY = 20;
    /** A product grows to this before its logarithm is taken. */
    private static final double MOST = 1e200;

    /** The first bin of each band, and the one after the last: 43 to 150 Hz, to 2.5 kHz, and to 16 kHz. */
    private static final int[] EDGES = {1, 4, 58, 372};

    private final FloatFFT_1D fft = new FloatFFT_1D(WINDOW);
    private final float[] hann = new float[WINDOW];
    private final float[] frame = new float[WINDOW];
    /** The spectra before, each frequency as one and so many times its loudness. */
    private final float[][] before = new float[LAG][EDGES[BANDS] + 1];

    private int moments;

    SpectralFlux() {
        for (int i = 0; i < WINDOW; i++) {
            hann[i] = (float) (0.5 - 0.5 * Math.cos(2 * Math.PI * i / WINDOW));
        }
    }

    /** Looks at the window that begins at a sample, and puts the flux of each band in its place. */
    void next(float[] samples, int from, float[] flux) {
        for (int i = 0; i < WINDOW; i++) {
            frame[i] = hann[i] * samples[from + i];
        }
        fft.realForward(frame);
        float[] earlier = before[moments % LAG];
        float[] now = new float[earlier.length];
        for (int bin = 1; bin < now.length; bin++) {
            float re = frame[2 * bin];
            float im = frame[2 * bin + 1];
            now[bin] = 1 + SENSITIVITY * (float) Math.sqrt(re * re + im * im);
        }
        for (int band = 0; band < BANDS; band++) {
            double rise = moments < LAG ? 0 : rise(earlier, now, EDGES[band], EDGES[band + 1]);
            flux[band] = (float) (rise / (EDGES[band + 1] - EDGES[band]));
        }
        before[moments % LAG] = now;
        moments++;
    }

    /** Returns the sum of the logarithms of all rises: one logarithm of their product is much faster. */
    private static double rise(float[] earlier, float[] now, int from, int to) {
        double sum = 0;
        double product = 1;
        for (int bin = from; bin < to; bin++) {
            float loudest = earlier[bin];
            // Comparing is faster here than Math.max, which minds numbers that can't come.
            loudest = earlier[bin - 1] > loudest ? earlier[bin - 1] : loudest;
            loudest = earlier[bin + 1] > loudest ? earlier[bin + 1] : loudest;
            if (now[bin] > loudest) {
                product *= now[bin] / loudest;
                if (product > MOST) {
                    sum += Math.log(product);
                    product = 1;
                }
            }
        }
        return sum + Math.log(product);
    }
}
