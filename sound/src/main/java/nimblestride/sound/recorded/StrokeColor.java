package nimblestride.sound.recorded;

import nimblestride.core.kit.stroke.Dynamic;

/**
 * Makes a stroke brighter or darker, in two steps: above 1.5 kHz, and once more above 7 kHz, so that drums and cymbals both
 * change. A harder stroke is brighter (common knowledge). The recordings have some of that; this adds more, so that a
 * listener hears every dynamic with eyes closed.
 */
final class StrokeColor {
    private static final double[] CORNERS = {1_500, 7_000};

    private final int sampleRate;
    private final double high;

    /** @param decibels by which what is above both corners is louder; below zero for darker */
    StrokeColor(int sampleRate, double decibels) {
        this.sampleRate = sampleRate;
        this.high = StrictMath.pow(10, decibels / CORNERS.length / 20);
    }

    /** Returns how much brighter a dynamic is than its recording, in decibels. */
    static double of(Dynamic level) {
        return switch (level) {
            case GHOST -> -10;
            case SOFT -> -6;
            case NORMAL -> -2;
            case ACCENT -> 1;
            case STRONG -> 4;
        };
    }

    void paint(float[] samples) {
        for (double corner : CORNERS) {
            double share = 1 - StrictMath.exp(-2 * Math.PI * corner / sampleRate);
            double low = 0;
            for (int i = 0; i < samples.length; i++) {
                low += share * (samples[i] - low);
                samples[i] = (float) (low + high * (samples[i] - low));
            }
        }
    }
}
