package nimblestride.sound.hits;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import nimblestride.core.transcription.recording.HeardHit;

/** Picks hits where the flux of the spectrum peaks above what is around it. */
final class HitPeaks {
    private static final int HOP = SpectralFlux.HOP;
    private static final int BANDS = SpectralFlux.BANDS;
    /** A peak is the highest within so many moments: 30 ms. */
    private static final int NEAREST = 6;
    /** What is around it: 100 ms before, 70 ms after. */
    private static final int BEFORE = 20;

    private static final int AFTER = 14;
    /** Flux below this share of a strong hit's is none. */
    private static final double USUAL_FLOOR = 0.11;
    /** From the usual sensitivity to the least, the floor rises by this factor. */
    private static final double RANGE = 4;

    /** A strong hit is louder than this share of all. */
    private static final double STRONG = 0.97;
    /** In so many parts of each moment, the loudest sample is known. */
    static final int PARTS = 4;
    /** How many moments before and after a peak the attack may begin. */
    private static final int REFINED = 4;

    /** This share of all moments is quieter than hits are. */
    private static final double QUIET = 0.1;
    /** How much louder than the quietest moments a hit is. */
    private static final double LOUDER = 1.8;

    private static final double FAINTEST = 1e-5;
    /** Flux below this is noise, when strong hits are looked for. */
    private static final double NOISE = 0.02;
    /** A hit is in a band if it peaks there within so many moments. */
    private static final int IN_BAND = 3;

    private HitPeaks() {}

    static List<HeardHit> of(List<float[]> flux, List<float[]> attacks, double sensitivity) {
        int moments = flux.size();
        double[][] bands = bands(flux);
        double[] all = new double[moments];
        for (double[] own : bands) {
            for (int i = 0; i < moments; i++) {
                all[i] += own[i] / BANDS;
            }
        }
        double quiet = LOUDER * quietest(attacks);
        double floor = USUAL_FLOOR * Math.pow(RANGE, 1 - 2 * sensitivity);
        List<HeardHit> hits = new ArrayList<>();
        int last = -NEAREST;
        for (int i = 0; i < moments; i++) {
            if (isPeak(all, i)
                    && all[i] >= mean(all, i) + floor
                    && i - last >= NEAREST
                    && loudest(attacks, i - REFINED, i + REFINED) >= quiet) {
                hits.add(hit(bands, attacks, i));
                last = i;
            }
        }
        return hits;
    }

    /** Returns how loud the quietest moments are: the noise of the room, or of the recording. */
    private static double quietest(List<float[]> attacks) {
        double[] peaks = new double[attacks.size()];
        Arrays.setAll(peaks, moment -> loudest(attacks, moment, moment));
        Arrays.sort(peaks);
        return peaks.length == 0 ? 0 : peaks[(int) (QUIET * (peaks.length - 1))];
    }

    private static double loudest(List<float[]> attacks, int from, int to) {
        double loudest = 0;
        for (int moment = Math.max(0, from); moment <= Math.min(attacks.size() - 1, to); moment++) {
            for (float peak : attacks.get(moment)) {
                loudest = Math.max(loudest, peak);
            }
        }
        return loudest;
    }

    /** Returns how much is heard around a moment. */
    static HeardHit at(List<float[]> flux, int moment) {
        double[] heard = heard(bands(flux), Math.max(0, Math.min(flux.size() - 1, moment)));
        return new HeardHit(0, heard[0], heard[1], heard[2]);
    }

    /** Returns the flux of each band; 1 is that of a strong hit. */
    private static double[][] bands(List<float[]> flux) {
        double[][] bands = new double[BANDS][];
        for (int band = 0; band < BANDS; band++) {
            int column = band;
            double[] own = new double[flux.size()];
            Arrays.setAll(own, row -> flux.get(row)[column]);
            double strong = strong(own);
            for (int i = 0; i < own.length; i++) {
                own[i] = strong == 0 ? 0 : own[i] / strong;
            }
            bands[band] = own;
        }
        return bands;
    }

    /** Returns what the flux of a strong hit is: the mean of its highest peaks. */
    private static double strong(double[] flux) {
        double[] peaks = new double[flux.length];
        int count = 0;
        for (int i = 0; i < flux.length; i++) {
            if (flux[i] > NOISE && isPeak(flux, i)) {
                peaks[count++] = flux[i];
            }
        }
        if (count == 0) {
            return 0;
        }
        double[] sorted = Arrays.copyOf(peaks, count);
        Arrays.sort(sorted);
        return sorted[(int) (STRONG * (count - 1))];
    }

    private static boolean isPeak(double[] flux, int at) {
        for (int i = Math.max(0, at - NEAREST); i <= Math.min(flux.length - 1, at + NEAREST); i++) {
            if (flux[i] > flux[at] || (flux[i] == flux[at] && i < at)) {
                return false;
            }
        }
        return flux[at] > 0;
    }

    private static double mean(double[] flux, int at) {
        int from = Math.max(0, at - BEFORE);
        int to = Math.min(flux.length, at + AFTER + 1);
        double sum = 0;
        for (int i = from; i < to; i++) {
            sum += flux[i];
        }
        return sum / (to - from);
    }

    private static HeardHit hit(double[][] bands, List<float[]> attacks, int at) {
        double[] heard = heard(bands, at);
        return new HeardHit(begins(attacks, at), heard[0], heard[1], heard[2]);
    }

    private static double[] heard(double[][] bands, int at) {
        double[] heard = new double[BANDS];
        for (int band = 0; band < BANDS; band++) {
            for (int i = Math.max(0, at - IN_BAND); i <= Math.min(bands[band].length - 1, at + IN_BAND); i++) {
                heard[band] = Math.max(heard[band], Math.min(1, bands[band][i]));
            }
        }
        return heard;
    }

    /** Returns when the attack begins, in seconds: where the loudness rises most, up to 20 ms before or after. */
    private static double begins(List<float[]> attacks, int at) {
        int from = PARTS * Math.max(1, at - REFINED);
        int to = PARTS * Math.min(attacks.size(), at + REFINED);
        double best = -1;
        int begin = PARTS * at;
        for (int part = from; part < to; part++) {
            double before = FAINTEST;
            for (int i = part - PARTS; i < part; i++) {
                before = Math.max(before, attacks.get(i / PARTS)[i % PARTS]);
            }
            double now = attacks.get(part / PARTS)[part % PARTS];
            // A rise counts by its size, and more where it stands out from what was there.
            double rise = (now - before) * Math.min(1, now / before / 4 + 0.5);
            if (rise > best) {
                best = rise;
                begin = part;
            }
        }
        return begin * HOP / (double) PARTS / SpectralFlux.RATE;
    }
}
