package nimblestride.sound.hits;

import java.util.Arrays;

/** How loud a recording is, in steps of five milliseconds: enough to draw it. */
final class LoudnessStrip {
    private static final int STEPS_PER_SECOND = 200;

    private final int sampleRate;
    private float[] steps = new float[1_024];
    private long heard;
    private int step;
    /** The first sample of the next step. */
    private long nextStep;

    LoudnessStrip(int sampleRate) {
        this.sampleRate = sampleRate;
    }

    void hear(float[] samples, int count) {
        for (int i = 0; i < count; i++) {
            if (heard >= nextStep) {
                step = (int) (heard * STEPS_PER_SECOND / sampleRate);
                nextStep = ((step + 1L) * sampleRate + STEPS_PER_SECOND - 1) / STEPS_PER_SECOND;
                if (step >= steps.length) {
                    steps = Arrays.copyOf(steps, 2 * steps.length);
                }
            }
            float loud = samples[i] < 0 ? -samples[i] : samples[i];
            if (loud > steps[step]) {
                steps[step] = loud;
            }
            heard++;
        }
    }

    /** Returns the loudest from one time to another, in seconds. */
    float between(double from, double to) {
        int first = (int) Math.max(0, Math.floor(from * STEPS_PER_SECOND));
        int last = (int) Math.min(steps.length - 1.0, Math.max(first, Math.ceil(to * STEPS_PER_SECOND) - 1));
        float loudest = 0;
        for (int step = first; step <= last; step++) {
            loudest = Math.max(loudest, steps[step]);
        }
        return loudest;
    }
}
