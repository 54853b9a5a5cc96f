package nimblestride.sound.recording;

import java.math.BigInteger;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * Plays samples at another rate: band-limited interpolation with a sinc under a Blackman window of 16 zeros to each side
 * (Julius O. Smith, "Digital Audio Resampling Home Page", Stanford). What would be above half the new rate is left out.
 * New samples fall on a few places between old ones only, as both rates are whole numbers, so their weights are tabled.
 */
final class Resampler {
    private static final int ZEROS = 16;
    /** Where rates fall, cuts off a little early, since no window is infinitely steep. */
    private static final double EARLY = 0.95;
    /** The most places between two old samples; a ratio that needs more is off by less than a millionth. */
    private static final int MAX_PLACES = 1_000;

    private static final Map<Fraction, Resampler> KNOWN = new ConcurrentHashMap<>();
    /** How many are kept, for the rates that return with each recording. */
    private static final int MAX_KNOWN = 8;

    private final int step;
    private final int places;
    private final int reach;
    /** The weights for each place between two old samples, in that order. */
    private final float[][] weights;

    /**
     * @param from samples per second, 1 or more
     * @param to samples per second, 1 or more
     */
    Resampler(int from, int to) {
        int common = BigInteger.valueOf(from).gcd(BigInteger.valueOf(to)).intValueExact();
        this.step = from / common;
        this.places = to / common;
        double cutOff = from > to ? EARLY * to / from : 1;
        double zeros = ZEROS / cutOff;
        this.reach = (int) Math.ceil(zeros);
        this.weights = new float[places][2 * reach];
        for (int place = 0; place < places; place++) {
            for (int tap = 0; tap < 2 * reach; tap++) {
                double distance = tap + 1 - reach - (double) place / places;
                weights[place][tap] = (float) weight(Math.abs(distance), cutOff, zeros);
            }
        }
    }

    /** Returns a resampler between any two rates, in samples per second. */
    static Resampler between(double from, int to) {
        Fraction ratio = Fraction.from(from / to, MAX_PLACES);
        Resampler known = KNOWN.get(ratio);
        if (known == null) {
            known = new Resampler(ratio.getNumerator(), ratio.getDenominator());
            if (KNOWN.size() < MAX_KNOWN) {
                KNOWN.put(ratio, known);
            }
        }
        return known;
    }

    private static double weight(double distance, double cutOff, double zeros) {
        double x = Math.PI * distance * cutOff;
        double sinc = x < 1e-9 ? 1 : StrictMath.sin(x) / x;
        double window = Math.PI * Math.min(1, distance / zeros);
        return cutOff * sinc * (0.42 + 0.5 * StrictMath.cos(window) + 0.08 * StrictMath.cos(2 * window));
    }

    /** Returns the same sound at the new rate. */
    float[] resampled(float[] samples) {
        // Silence around them, so that every weight finds a sample.
        float[] padded = new float[samples.length + 2 * reach];
        System.arraycopy(samples, 0, padded, reach - 1, samples.length);
        int length = (int) (((long) samples.length * places + step - 1) / step);
        float[] resampled = new float[length];
        for (int i = 0; i < length; i++) {
            long at = (long) i * step;
            int first = (int) (at / places);
            resampled[i] = at(padded, first, (int) (at % places));
        }
        return resampled;
    }

    int step() {
        return step;
    }

    int places() {
        return places;
    }

    /** Returns how many samples before and after a place its value is made of. */
    int reach() {
        return reach;
    }

    /** Returns the value at a place, made of twice {@link #reach} samples from the first on. */
    float at(float[] samples, int first, int place) {
        float[] weight = weights[place];
        float sum = 0;
        for (int tap = 0; tap < weight.length; tap++) {
            sum += samples[first + tap] * weight[tap];
        }
        return sum;
    }
}
