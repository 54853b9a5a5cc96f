package nimblestride.sound.recorded;

import nimblestride.sound.loudness.LoudnessMeter;

/** Makes sounds equally loud, or louder and softer than that by a known amount. */
final class Loudness {
    /** How loud a stroke on the snare is in its loudest moment, in LUFS, before the level of its dynamic. */
    static final double SNARE = -16;

    private final LoudnessMeter meter;

    Loudness(int sampleRate) {
        this.meter = new LoudnessMeter(sampleRate);
    }

    /** Returns how loud a sound is in its loudest moment, in LUFS. */
    double of(float[] samples) {
        return meter.loudestMoment(samples);
    }

    /** Brings a sound to a loudness, in LUFS in its loudest moment; silence stays silent. */
    void bring(float[] samples, double loudness) {
        double now = of(samples);
        float gain = now == Double.NEGATIVE_INFINITY ? 0 : (float) StrictMath.pow(10, (loudness - now) / 20);
        for (int i = 0; i < samples.length; i++) {
            samples[i] *= gain;
        }
    }
}
