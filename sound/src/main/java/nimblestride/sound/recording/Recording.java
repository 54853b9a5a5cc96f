package nimblestride.sound.recording;

import nimblestride.core.foundation.failure.InvalidValueException;

/** A recorded sound: one channel of samples, mostly from -1 to 1, at the rate at which they were taken. */
public final class Recording {
    private static final double SEMITONES_PER_OCTAVE = 12;

    private final float[] samples;
    private final double rate;

    /**
     * @param samples are kept, so nobody may change them afterwards
     * @param rate samples per second, more than 0
     */
    public Recording(float[] samples, double rate) {
        if (!(rate > 0)) {
            throw new InvalidValueException("a recording needs a sample rate above 0, not " + rate);
        }
        this.samples = samples;
        this.rate = rate;
    }

    /** Returns the same sound, higher and shorter by some semitones; lower and longer where they are negative. */
    public Recording higher(double semitones) {
        return new Recording(samples, rate * StrictMath.pow(2, semitones / SEMITONES_PER_OCTAVE));
    }

    /** Returns its length in seconds. */
    public double seconds() {
        return samples.length / rate;
    }

    /** Returns its samples at a rate, in samples per second. They are new, so they may be changed. */
    public float[] at(int sampleRate) {
        return rate == sampleRate
                ? samples.clone()
                : Resampler.between(rate, sampleRate).resampled(samples);
    }

    /** Says where a recording comes from, and reads it. Equal sources are the same recording. */
    public interface Source {
        /**
         * Reads the recording.
         *
         * @throws nimblestride.core.foundation.failure.StrideException if it can't be read
         */
        Recording read();
    }
}
