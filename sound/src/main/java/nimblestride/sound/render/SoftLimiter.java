package nimblestride.sound.render;

/** Keeps what is mixed within what a sound card takes. */
public final class SoftLimiter {
    /** Leaves room for several loud strokes at once. */
    private static final float HEADROOM = 0.6f;

    /** From here on louder samples are bent towards 1, so that they never break off there. */
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

    /** Rises from the knee ever more slowly, at first as steeply as what comes in, and never to more than 1. */
    private static float bent(float size) {
        float over = (size - KNEE) / (1 - KNEE);
        return KNEE + (1 - KNEE) * over / (1 + over);
    }
}
