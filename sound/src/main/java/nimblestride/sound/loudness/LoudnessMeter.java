package nimblestride.sound.loudness;

import nimblestride.sound.filter.Biquad;

/**
 * Measures how loud one channel is, in LUFS, by Rec. ITU-R BS.1770-5: the mean square of K-weighted samples. A full sine
 * of 997 Hz has -3.01 LUFS.
 */
public final class LoudnessMeter {
    /** How long momentary loudness looks, in seconds (EBU Tech 3341). */
    public static final double MOMENT = 0.4;

    private static final double OFFSET = -0.691;

    private final int sampleRate;

    /** @param sampleRate samples per second */
    public LoudnessMeter(int sampleRate) {
        this.sampleRate = sampleRate;
    }

    /** Returns the loudness of all samples; {@link Double#NEGATIVE_INFINITY} for silence. */
    public double of(float[] samples) {
        double[] squares = squares(samples, samples.length);
        return loudness(squares[samples.length], samples.length);
    }

    /** Returns the loudness of the loudest 0.4 s; what is shorter is followed by silence. */
    public double loudestMoment(float[] samples) {
        int window = (int) (MOMENT * sampleRate);
        double[] squares = squares(samples, samples.length + window);
        double most = 0;
        for (int end = window; end < squares.length; end++) {
            most = Math.max(most, squares[end] - squares[end - window]);
        }
        return loudness(most, window);
    }

    /** Returns the sum of squares before each of so many weighted samples. */
    private double[] squares(float[] samples, int length) {
        Biquad head = Biquad.head(sampleRate);
        Biquad lowCut = Biquad.lowCut(sampleRate);
        double[] sums = new double[length + 1];
        for (int i = 0; i < length; i++) {
            double weighted = lowCut.next(head.next(i < samples.length ? samples[i] : 0));
            sums[i + 1] = sums[i] + weighted * weighted;
        }
        return sums;
    }

    private static double loudness(double squares, int length) {
        return OFFSET + 10 * StrictMath.log10(squares / length);
    }
}
