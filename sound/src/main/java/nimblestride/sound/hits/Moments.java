package nimblestride.sound.hits;

import java.util.ArrayList;
import java.util.List;

/** What a stretch of a recording holds, moment by moment. */
final class Moments {
    private static final int HOP = SpectralFlux.HOP;
    private static final int PARTS = HitPeaks.PARTS;

    private final List<float[]> flux = new ArrayList<>();
    private final List<float[]> attacks = new ArrayList<>();

    /**
     * Looks at a stretch.
     *
     * @param known so many moments at its beginning belong to the stretch before
     */
    static Moments of(float[] samples, int known) {
        SpectralFlux spectrum = new SpectralFlux();
        Moments moments = new Moments();
        for (int moment = 0; moment * HOP + SpectralFlux.WINDOW <= samples.length; moment++) {
            float[] bands = new float[SpectralFlux.BANDS];
            spectrum.next(samples, moment * HOP, bands);
            if (moment >= known) {
                moments.flux.add(bands);
                moments.attacks.add(loudest(samples, moment * HOP + SpectralFlux.WINDOW / 2));
            }
        }
        return moments;
    }

    /** Returns the loudest sample in each part of the moment that begins at a sample. */
    private static float[] loudest(float[] samples, int from) {
        float[] loudest = new float[PARTS];
        for (int part = 0; part < PARTS; part++) {
            for (int i = from + part * HOP / PARTS; i < from + (part + 1) * HOP / PARTS; i++) {
                float loud = samples[i] < 0 ? -samples[i] : samples[i];
                loudest[part] = loud > loudest[part] ? loud : loudest[part];
            }
        }
        return loudest;
    }

    /** Adds the moments of the stretch that follows. */
    void append(Moments next) {
        flux.addAll(next.flux);
        attacks.addAll(next.attacks);
    }

    /** Returns the flux of each band in each moment. */
    List<float[]> flux() {
        return flux;
    }

    /** Returns the loudest sample in each part of each moment, 1.2 ms long. */
    List<float[]> attacks() {
        return attacks;
    }
}
