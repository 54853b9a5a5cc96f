package nimblestride.sound.render;

/** Keeps the mix within what a sound card can play. */
public final class SoftLimiter {
    /** Leaves room for several loud hits at once. */
    private static final float HEADROOM = 0.6f;

    /** Bends louder samples toward 1 from here on, so that they never clip. */
    private static final float KNEE = 0.8f;

    private SoftLimiter() {}

    /** Brings samples of any size to between -1 and 1. */
    public static void limit(float[] block, int frames) {
        for (int i = 0; i < frames; i++) {
            float sample = block[i] * HEADROOM;
            float size = Math.abs(sample);
            block[i] = size <= KNEE ? sample : Math.copySign(bent(size), sample);
        }
    }

    /**
     * Returns a value that rises ever more slowly from the knee: at first as steeply as the input, and never above 1.
     */
    private static float bent(float size) {
        float over = (size - KNEE) / (1 - KNEE);
        return KNEE + (1 - KNEE) * over / (1 + over);
    }
}
