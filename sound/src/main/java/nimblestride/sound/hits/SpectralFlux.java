package nimblestride.sound.hits;

import java.util.Arrays;
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

    private static final int LAG = 2;
    private static final float SENSITIVITY = 20;
    /** The first bin of each band, and the one after the last: 43 to 150 Hz, to 2.5 kHz, and to 16 kHz. */
    private static final int[] EDGES = {1, 4, 58, 372};

    private final FloatFFT_1D fft = new FloatFFT_1D(WINDOW);
    private final float[] hann = new float[WINDOW];
    private final float[] frame = new float[WINDOW];
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
            now[bin] = (float) Math.log(1 + SENSITIVITY * Math.sqrt(re * re + im * im));
        }
        Arrays.fill(flux, 0);
        if (moments >= LAG) {
            for (int band = 0; band < BANDS; band++) {
                for (int bin = EDGES[band]; bin < EDGES[band + 1]; bin++) {
                    float loudest = Math.max(earlier[bin - 1], Math.max(earlier[bin], earlier[bin + 1]));
                    flux[band] += Math.max(0, now[bin] - loudest);
                }
                flux[band] /= EDGES[band + 1] - EDGES[band];
            }
        }
        before[moments % LAG] = now;
        moments++;
    }
}
