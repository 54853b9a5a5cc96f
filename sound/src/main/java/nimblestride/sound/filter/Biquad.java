package nimblestride.sound.filter;

/** A filter of second order, run from left to right over samples. */
public final class Biquad {
    private final double b0;
    private final double b1;
    private final double b2;
    private final double a1;
    private final double a2;
    private double in1;
    private double in2;
    private double out1;
    private double out2;

    private Biquad(double b0, double b1, double b2, double a1, double a2) {
        this.b0 = b0;
        this.b1 = b1;
        this.b2 = b2;
        this.a1 = a1;
        this.a2 = a2;
    }

    /**
     * Makes the first filter of the K-weighting, a shelf that raises what is high by four decibels, as the head does. At
     * 48,000 samples per second it has the coefficients of table 1 of Rec. ITU-R BS.1770-5.
     */
    public static Biquad head(int sampleRate) {
        double k = StrictMath.tan(Math.PI * 1681.974450955533 / sampleRate);
        double q = 0.7071752369554196;
        double high = StrictMath.pow(10, 3.999843853973347 / 20);
        double band = StrictMath.pow(high, 0.4996667741545416);
        double a0 = 1 + k / q + k * k;
        return new Biquad(
                (high + band * k / q + k * k) / a0,
                2 * (k * k - high) / a0,
                (high - band * k / q + k * k) / a0,
                2 * (k * k - 1) / a0,
                (1 - k / q + k * k) / a0);
    }

    /**
     * Makes the second filter of the K-weighting, which leaves out what is very low. At 48,000 samples per second it has the
     * coefficients of table 2 of Rec. ITU-R BS.1770-5.
     */
    public static Biquad lowCut(int sampleRate) {
        double k = StrictMath.tan(Math.PI * 38.13547087602444 / sampleRate);
        double q = 0.5003270373238773;
        double a0 = 1 + k / q + k * k;
        return new Biquad(1, -2, 1, 2 * (k * k - 1) / a0, (1 - k / q + k * k) / a0);
    }

    /**
     * Makes a filter that lets through what is low (Butterworth; R. Bristow-Johnson, Audio EQ Cookbook, from memory).
     *
     * @param hertz above which less and less is heard
     */
    public static Biquad lowPass(double hertz, int sampleRate) {
        double turn = 2 * Math.PI * hertz / sampleRate;
        double cos = StrictMath.cos(turn);
        double alpha = StrictMath.sin(turn) / Math.sqrt(2);
        double a0 = 1 + alpha;
        double b = (1 - cos) / a0;
        return new Biquad(b / 2, b, b / 2, -2 * cos / a0, (1 - alpha) / a0);
    }

    /**
     * Makes a filter that lets through what is high, from the same source.
     *
     * @param hertz below which less and less is heard
     */
    public static Biquad highPass(double hertz, int sampleRate) {
        double turn = 2 * Math.PI * hertz / sampleRate;
        double cos = StrictMath.cos(turn);
        double alpha = StrictMath.sin(turn) / Math.sqrt(2);
        double a0 = 1 + alpha;
        double b = (1 + cos) / a0;
        return new Biquad(b / 2, -b, b / 2, -2 * cos / a0, (1 - alpha) / a0);
    }

    /** Filters the next sample. */
    public double next(double in) {
        double out = b0 * in + b1 * in1 + b2 * in2 - a1 * out1 - a2 * out2;
        in2 = in1;
        in1 = in;
        out2 = out1;
        out1 = out;
        return out;
    }

    /** Returns its coefficients: those of the input, then those of the output from the second on. */
    public double[] coefficients() {
        return new double[] {b0, b1, b2, a1, a2};
    }
}
